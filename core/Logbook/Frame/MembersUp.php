<?php

declare(strict_types=1);

namespace Aequus\Logbook\Frame;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;

/** Pieces of one layer of a frame that stand where they belong, by their numbers. */
final readonly class MembersUp implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /**
     * @param  string  $on  the part it stands on, as “id.0” with which straight piece of it; empty for the first grid
     * @param  int  $from  the first of them
     * @param  int  $to  the last
     *
     * @throws EntryRefused when that counts backward
     */
    public function __construct(public string $on, public LayerKind $layer, public int $from, public int $to)
    {
        if ($from < 1 || $to < $from) {
            throw EntryRefused::numbersBackward();
        }
    }

    /** Whether a piece of its layer is among them. */
    public function has(string $on, LayerKind $layer, int $number): bool
    {
        return $this->on === $on && $this->layer === $layer && $number >= $this->from && $number <= $this->to;
    }

    /** Id of the part; empty for the first grid. */
    public function part(): string
    {
        return explode('.', $this->on)[0];
    }

    public function posts(): array
    {
        return [];
    }

    /** Nothing is loaded before it holds. */
    public function questions(Known $known): array
    {
        $plan = $known->plan();
        $part = $this->part();
        $bear = $part === '' ? $plan->grid->atCrossings()
            : array_values(array_filter($plan->grid->added, fn (Post $post) => $plan->partOf($post->id)?->id === $part));
        $loose = array_values(array_map(
            fn (Post $post) => $post->id, array_filter($bear, fn (Post $post) => ! $known->isSet($post->id) || ! $known->isHard($post->id)),
        ));
        $isSet = array_filter($loose, fn (PostId $post) => ! $known->isSet($post)) === [];

        return $loose === [] ? [] : [Question::doubtful($isSet ? QuestionAbout::LoadedBeforeHard : QuestionAbout::LoadedBeforeSet, posts: $loose)];
    }

    public function stored(): array
    {
        return ['on' => $this->on, 'layer' => $this->layer->value, 'from' => $this->from, 'to' => $this->to];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->text('on', ''), $stored->case('layer', LayerKind::class), $stored->whole('from'), $stored->whole('to'));
    }
}
