<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** The posts of a line as a beam meets them: each where it was cast, the others where the plan has them. */
final readonly class RowAsCast
{
    /** Less than this nobody can cut, mm. */
    private const ALIKE = 0.5;

    /** From the first post to the last, centre to centre. */
    public Length $reach;

    /** By how much that is longer than planned; negative where it is shorter. */
    public Length $longer;

    /** @var non-empty-list<Bearing> each post with its distance from the first, along the line from the first to the last */
    public array $bearings;

    /** @var list<array{string, Length}> posts further beside that line than they may stand off their places, with how far */
    public array $beside;

    /** @var list<string> posts of which nothing is written down */
    public array $notCast;

    /** @param  non-empty-list<UnderBeam>  $posts  two or more, in their order */
    public function __construct(array $posts)
    {
        [$first, $last] = [$posts[0], $posts[count($posts) - 1]];
        $run = $last->stands()->minus($first->stands())->unit();
        $bearings = $beside = [];
        foreach ($posts as $post) {
            $from = $post->stands()->minus($first->stands());
            $bearings[] = new Bearing($post->label, Length::millimetres($from->dot($run)));
            $off = Length::millimetres(abs($run->cross($from)));
            $beside = $off->isLongerThan($post->may) ? [...$beside, [$post->label, $off]] : $beside;
        }
        [$this->bearings, $this->beside] = [$bearings, $beside];
        $this->reach = $bearings[count($bearings) - 1]->at;
        $this->longer = $this->reach->minus(Length::millimetres($last->planned->minus($first->planned)->length()));
        $this->notCast = array_values(array_map(
            fn (UnderBeam $post) => $post->label, array_filter($posts, fn (UnderBeam $post) => $post->off === null),
        ));
    }

    /**
     * @param  non-empty-list<Post>  $posts  in their order
     * @param  ByPost<AsCast>  $cast
     */
    public static function of(array $posts, ByPost $cast, Plan $plan): self
    {
        return new self(array_map(fn (Post $post) => new UnderBeam(
            $post->label, $post->at->inMillimetres(),
            isset($cast[$post]) ? new Vector($cast[$post]->alongX->inMillimetres(), $cast[$post]->alongY->inMillimetres()) : null,
            $plan->closenessAt($post->id)->across,
        ), $posts));
    }

    /** Whether anything is written down of how its posts were cast. */
    public function isCast(): bool
    {
        return count($this->notCast) < count($this->bearings);
    }

    public function isAsPlanned(): bool
    {
        return abs($this->longer->inMillimetres()) < self::ALIKE;
    }
}
