<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\PostRole;

/** What an entry can't say under the plan in force, from whichever form or line it comes. */
final readonly class UnderPlan
{
    /** Further off its mark a post was not cast askew but somewhere else. */
    private const ASKEW_FEET = 4;

    public function __construct(private Plan $plan)
    {
    }

    /** @throws EntryRefused when a hole is narrower than its post, a corner or anchor is shortened, or a cast is far off its mark */
    public function check(Payload $said): void
    {
        match (true) {
            $said instanceof HoleDug && $said->width !== null => $this->checkWidth($said->width),
            $said instanceof Decision => $this->checkDecision($said),
            $said instanceof AsCast => $this->checkCast($said),
            default => null,
        };
    }

    /** @throws EntryRefused when the post would not go in */
    public function checkWidth(Length $width): void
    {
        if (! $this->plan->hole->dugTo($width)->takes($this->plan->post)) {
            throw EntryRefused::holeTooNarrow($this->plan->write($this->plan->post->across()));
        }
    }

    private function checkDecision(Decision $said): void
    {
        if ($said->about === DecisionAbout::WaiveEmbedment && ($said->lesser === null || ! $said->lesser->isPositive())) {
            throw EntryRefused::lesserEmbedmentMissing();
        }

        $post = $said->post === null ? null : $this->plan->grid->find($said->post);
        $role = $post === null ? null : $this->plan->roleOf($post);
        if ($said->about === DecisionAbout::AcceptShortHole && $role?->isNeverShortened()) {
            throw EntryRefused::neverShortened($role === PostRole::Corner
                ? 'A corner is never shortened: it carries the braces and the ends of two beams.'
                : 'An anchor post is never shortened: what pulls at it needs the whole depth.');
        }
    }

    private function checkCast(AsCast $said): void
    {
        if (max(abs($said->alongX->nanometres), abs($said->alongY->nanometres)) > Length::feet(self::ASKEW_FEET)->nanometres) {
            throw EntryRefused::castElsewhere();
        }
    }
}
