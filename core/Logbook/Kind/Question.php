<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Guess;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;

/** A doubtful figure is stored only when somebody says that it is right as typed; an impossible one never. */
final readonly class Question
{
    /**
     * @param  string  $figure  which figure of the entry it is about, by its name in the payload; empty for the entry as a whole
     * @param  Length|float|null  $read  what was typed
     * @param  Length|float|null  $expected  what it would be by the plan and what was read before, or the most it can be
     * @param  list<Guess>  $guesses  what may have been meant, nearest first
     * @param  list<PostId>  $posts  whom it speaks of beside the entry's own
     */
    private function __construct(
        public QuestionAbout $about,
        public bool $isImpossible,
        public string $figure,
        public Length|float|null $read,
        public Length|float|null $expected,
        public array $guesses,
        public array $posts,
    ) {
    }

    /**
     * @param  list<Guess>  $guesses
     * @param  list<PostId>  $posts
     */
    public static function doubtful(
        QuestionAbout $about, string $figure = '', Length|float|null $read = null, Length|float|null $expected = null, array $guesses = [],
        array $posts = [],
    ): self {
        return new self($about, false, $figure, $read, $expected, $guesses, $posts);
    }

    /**
     * What only a standing post can tell.
     *
     * @return list<self> none where all of them are set
     */
    public static function unlessSet(Known $known, PostId ...$posts): array
    {
        $lying = array_values(array_filter($posts, fn (PostId $post) => ! $known->isSet($post)));

        return $lying === [] ? [] : [self::doubtful(QuestionAbout::ReadBeforeSet, posts: $lying)];
    }

    /** @param  list<Guess>  $guesses */
    public static function impossible(
        QuestionAbout $about, string $figure, Length|float|null $read = null, Length|float|null $limit = null, array $guesses = [],
    ): self {
        return new self($about, true, $figure, $read, $limit, $guesses, []);
    }
}
