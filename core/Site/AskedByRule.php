<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Fact\Fact;
use Aequus\Thing\Terms\InBand;

/**
 * What a rule asks of this job beside its own tolerances, and whether it is met as things stand: a face off a road, a height over it, a foot,
 * a distance on the site.
 */
final readonly class AskedByRule
{
    /**
     * @param  Fact  $asks  of a RuleAsks, with its figures
     * @param  ?bool  $isMet  null while nobody measured it
     * @param  bool  $isTaken  whether somebody took it as it is, with a reason
     */
    private function __construct(public Fact $asks, public ?bool $isMet, public bool $isTaken)
    {
    }

    /** @return list<self> */
    public static function all(SiteState $site): array
    {
        $all = [];
        $face = FaceByRule::of($site);
        if ($face !== null) {
            $setback = $face->asRead()?->setback;
            $all[] = new self(
                Fact::of(RuleAsks::Face, line: $face->edge->name, least: $face->band->least, most: $face->band->most, found: $setback),
                $setback === null ? null : $face->band->where($setback) === InBand::Within,
                $face->isTaken(),
            );
        }
        $top = TopByRule::of($site);
        if ($top !== null) {
            $all[] = new self(
                Fact::of(RuleAsks::Top, line: $top->edge->name, least: $top->band->least, most: $top->band->most, found: $top->height()),
                $top->verdict() === null ? null : $top->verdict() === InBand::Within, $top->isTaken(),
            );
        }
        $read = FootByLine::all($site);
        foreach ($site->plan->grid->posts as $post) {
            $foot = $read[$post] ?? null;
            if ($foot !== null && $foot->shortBy()->isPositive()) {
                $all[] = new self(Fact::of(RuleAsks::Foot, post: $post, least: $foot->least, found: $foot->embedded), false, $foot->settled);
            }
        }
        foreach (TooNear::all($site->plan) as $near) {
            $all[] = new self(
                Fact::of(RuleAsks::Distance, post: $near->post, line: $near->thing, least: $near->least, found: $near->room), false,
                $near->isTaken($site),
            );
        }

        return $all;
    }

    /** How much of it is out, or was never measured, and nobody took it as it is. */
    public static function open(SiteState $site): int
    {
        return count(array_filter(self::all($site), fn (self $asked) => $asked->isMet !== true && ! $asked->isTaken));
    }
}
