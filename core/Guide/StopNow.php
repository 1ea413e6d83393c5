<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Plan\Hold;
use Aequus\Plan\Post;
use Aequus\Set\SetClock;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use DateTimeImmutable;

/** A storm, the dark, the end of the day: what must be made safe from the state of every post, in which order, and what may still be filled. */
final readonly class StopNow
{
    /** @var list<Move> in the order in which they are done */
    public array $moves;

    /** @var list<Post> that may still be filled: due, and nothing is missing */
    public array $mayFill;

    /** @var array<string, list<string>> what others that are due still lack, by label */
    public array $lack;

    public function __construct(SiteState $site, DateTimeImmutable $now)
    {
        $begun = $setting = $unbraced = $open = [];
        foreach ($site->buildOrder() as $post) {
            $filling = $site->filling($post);
            $clock = SetClock::of($filling, $site->plan->holdOf($post->id), $site->bracesOff());
            $hole = $site->footing->asDug($post);
            $stands = $site->standing($post)->set;
            match (true) {
                $filling->isBegun() && ! $filling->isDone() => $begun[] = $post,
                $clock->standsStill() || $clock->left($now) !== null && ! $clock->mayStrip($now) => $setting[] = $post,
                $stands && ! $site->isFilled($post) && $site->plan->holdOf($post->id) !== Hold::Driven => $unbraced[] = $post,
                $hole !== null && ! $stands => $open[] = $post,
                default => null,
            };
        }

        $this->moves = [
            ...self::move('Finish what is begun', 'A pour that stops half-way leaves a joint where the post breaks: fill to the top, plumb both faces, slope it off. Where bags do not reach, leave the surface rough and ask an engineer.', $begun),
            ...self::move('Leave braces on, cover the fresh fill', 'Rain washes it out, frost spoils it. Sheet or straw over it, weighed down; nobody leans on these posts.', $setting),
            ...self::move('Brace both ways, or lay it down', 'A post in an open hole is held by its braces alone. A second pair, or down on the ground before the wind comes.', $unbraced),
            ...self::move('Cover the holes', 'Boards that bear a person, weighed down and marked. Nobody reaches into them in the morning before they are looked into.', $open),
            new Move(Phase::Set, 'Bags under a roof or a sheet, off the ground; tools, ladders and cables down', 'Wet bags are lost. Power off.'),
        ];
        $may = $lack = [];
        foreach (FillPosts::due($site) as $post) {
            $missing = (new ReadyToPour($site, $post))->missing();
            if (! $site->filling($post)->isBegun()) {
                $missing === [] ? $may[] = $post : $lack[$post->label] = $missing;
            }
        }
        [$this->mayFill, $this->lack] = [$may, $lack];
    }

    /**
     * @param  list<Post>  $posts
     * @return list<Move> none where it concerns no post
     */
    private static function move(string $do, string $why, array $posts): array
    {
        return $posts === [] ? [] : [new Move(Phase::Set, $do, $why, null, '', $posts)];
    }
}
