<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Fact\Fact;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Set\ReadPlumb;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use App\Set\PostPage;
use App\Site\JobSite;

/**
 * What comes after the next move as far as can be told beforehand: the like of it, in the order of the work. A phone without a signal goes on by it.
 * What an entry makes of the job, nobody knows there.
 */
final readonly class Ahead
{
    /** A round that is longer is not walked without a signal. */
    private const MOST = 24;

    /** @var list<array{kind: string, about: string, face: string, says: string, at: string}> by whom it is about as a letter says it, and where its page is */
    public array $steps;

    /** Whether that is all; else more is asked for than a phone is told. */
    public bool $isAll;

    public function __construct(private JobSite $site, Move $next)
    {
        $steps = $this->after($next);
        [$this->steps, $this->isAll] = [array_slice($steps, 0, self::MOST), count($steps) <= self::MOST];
    }

    /** @return list<array{kind: string, about: string, face: string, says: string, at: string}> */
    private function after(Move $next): array
    {
        $steps = [];
        foreach (Guide::alike($this->site->state, $next, self::MOST + 1) as $move) {
            $steps = [...$steps, ...($move->asks === null ? [] : $this->steps($move, $move->asks))];
        }

        return $steps;
    }

    /** @return list<array{kind: string, about: string, face: string, says: string, at: string}> a post whose faces are both unread is read on one after the other */
    private function steps(Move $move, EntryKind $asks): array
    {
        $post = $move->posts[0] ?? null;
        if ($post === null || ! $move->is(ReadPlumb::ReadFace)) {
            return [$this->step($move->do, $asks, $move->posts)];
        }

        return array_map(
            fn (Side $face) => $this->step(Fact::of(ReadPlumb::ReadFace, side: $face, post: $post), $asks, [$post], $face->value),
            $this->site->state->standing($post)->missingFaces(),
        );
    }

    /**
     * @param  list<Post>  $posts
     * @return array{kind: string, about: string, face: string, says: string, at: string}
     */
    private function step(Fact $do, EntryKind $asks, array $posts, string $face = ''): array
    {
        $labels = array_map(fn (Post $post) => $post->label, $posts);
        sort($labels);

        return [
            'kind' => $asks->value, 'about' => mb_strtoupper(implode('-', $labels)), 'face' => $face,
            'says' => (string) $this->site->speech->say($do),
            'at' => count($posts) === 1 && PostPage::asksHere($asks) ? route('set.post', [$this->site->job, $posts[0]->label], false) : '',
        ];
    }
}
