<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;
use Aequus\Site\PourPoint;
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

    /** @var array<string, list<PourPoint>> what others that are due still lack, by label */
    public array $lack;

    public function __construct(SiteState $site, DateTimeImmutable $now)
    {
        $begun = $setting = $unbraced = $open = [];
        foreach ($site->buildOrder() as $post) {
            $filling = $site->filling($post);
            $clock = $site->clock($post);
            $stands = $site->standing($post)->set;
            match (true) {
                $filling->isBegun() && ! $filling->isDone() => $begun[] = $post,
                $clock->standsStill() || $clock->left($now) !== null && ! $clock->mayStrip($now) => $setting[] = $post,
                $stands && ! $site->isFilled($post) && $site->plan->holdOf($post->id) !== Hold::Driven => $unbraced[] = $post,
                $site->footing->measured($post) !== null && ! $stands => $open[] = $post,
                default => null,
            };
        }

        $this->moves = [
            ...self::move(BeforeTheNight::FinishWhatIsBegun, BeforeTheNight::HalfAPourBreaks, $begun),
            ...self::move(BeforeTheNight::LeaveBracesOn, BeforeTheNight::RainAndFrostSpoil, $setting),
            ...self::move(BeforeTheNight::BraceOrLayDown, BeforeTheNight::HeldByBracesAlone, $unbraced),
            ...self::move(BeforeTheNight::CoverTheHoles, BeforeTheNight::BoardsThatBear, $open),
            new Move(Phase::Set, Fact::of(BeforeTheNight::StowAway), [Fact::of(BeforeTheNight::WetBagsAreLost)]),
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
    private static function move(BeforeTheNight $do, BeforeTheNight $why, array $posts): array
    {
        return $posts === [] ? [] : [new Move(Phase::Set, Fact::of($do), [Fact::of($why)], posts: $posts)];
    }
}
