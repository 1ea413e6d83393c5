<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;

/** Whether one post may be filled: what is measured speaks for itself, what is not must have been seen by somebody; what is missing is named. */
final readonly class ReadyToPour
{
    /** @var array<string, bool> whether it is so, by the value of each PourPoint that counts at this post, in the order of the work */
    public array $points;

    public function __construct(SiteState $site, public Post $post)
    {
        $hole = $site->footing->asDug($post);
        $stands = $site->standing($post);
        $stake = $site->square->survey->stakeOf($post);
        // A pier is poured before anything stands on it.
        $isPier = $site->plan->holdOf($post->id) === Hold::Pier;
        $points = [
            PourPoint::HoleDeep->value => $hole !== null && ($hole->serves() || $site->isShortHoleSettled($post)),
            PourPoint::OnItsMark->value => $stake?->verdict === StakeVerdict::Within || $site->square->holds(),
            ...($isPier ? [] : [
                PourPoint::Braced->value => $stands->set,
                PourPoint::Plumb->value => self::isPlumb($site, $post),
                PourPoint::AllPlumb->value => self::mayBegin($site),
            ]),
        ];
        foreach (ReadyItem::cases() as $item) {
            if ($item->isFor($site->plan->holdOf($post->id))) {
                $points[PourPoint::seen($item)->value] = self::isSeen($site, $item, $post);
            }
        }
        if (! $isPier) {
            $points[PourPoint::MeasuredAgain->value] = self::isCrossChecked($site, PointOfNoReturn::Pour);
        }
        $this->points = $points;
    }

    /** @return list<PourPoint> */
    public function missing(): array
    {
        return array_map(PourPoint::from(...), array_keys(array_filter($this->points, fn (bool $is) => ! $is)));
    }

    public function isReady(): bool
    {
        return $this->missing() === [];
    }

    /** Both ways, or its lean was taken with a reason. */
    public static function isPlumb(SiteState $site, Post $post): bool
    {
        $stands = $site->standing($post);

        return $stands->set && ($stands->isProvedPlumb()
            || (! $stands->lean->isHalfKnown() && $site->decided(DecisionAbout::AcceptLean, $post) !== null));
    }

    /** Whether by the order of filling that was decided any hole round a post may be filled. One the fill pushed keeps no other from its fill. */
    public static function mayBegin(SiteState $site): bool
    {
        $order = $site->plan->customs()->fillOrder;
        $waits = array_filter($site->plan->grid->posts, fn (Post $post) => ! $site->isFilled($post) && ! self::isPlumb($site, $post));

        return $order === FillOrder::EachAsItStands || $waits === [];
    }

    /** For the post, or for the whole job. */
    public static function isSeen(SiteState $site, ReadyItem $item, Post $post): bool
    {
        foreach ($site->log->now(SeenReady::class) as $seen) {
            if ($seen->item === $item && ($seen->post === null || $seen->post->equals($post->id))) {
                return true;
            }
        }

        return false;
    }

    /** Whether a measure was taken again by another route, and agreed with the book. */
    public static function isCrossChecked(SiteState $site, PointOfNoReturn $before): bool
    {
        foreach ($site->log->now(CrossChecked::class) as $check) {
            if ($check->before === $before && ! $check->off->magnitude()->isLongerThan($site->plan->closest())) {
                return true;
            }
        }

        return false;
    }
}
