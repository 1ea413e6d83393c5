<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Wanted;

/** The readings that prove the layout, in walking order. */
final readonly class PullTapes implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        foreach ($site->square->unread() as $wanted) {
            $planned = $wanted->planned();
            if ($wanted->line !== null) {
                yield $this->off($site, $wanted);

                continue;
            }
            $label = $wanted->ends()->label();
            yield $wanted->stake === null
                ? new Move(
                    Phase::Square, "Pull the tape {$label}",
                    "If both stakes stand where the plan has them it reads {$site->plan->write($planned)}. ".($site->square->rough === null ? 'Hold it on the nails, level.' : 'A hand’s breadth is near enough before the boards stand.'),
                    $planned, $site->square->rough === null ? 'from nail to nail' : 'from stake to stake', $wanted->posts(), EntryKind::Tape,
                )
                : new Move(
                    Phase::Square, "Measure {$wanted->stake->label} off the string {$label}",
                    "Stretch the string from nail to nail, tight and touching nothing, and read how far the nail of {$wanted->stake->label} stands beside it. If it stands right it reads {$site->plan->write($planned->magnitude())}.",
                    $planned->magnitude(), 'beside the string', $wanted->posts(), EntryKind::StringOffset,
                );
        }
    }

    private function off(SiteState $site, Wanted $wanted): Move
    {
        $planned = $wanted->planned()->magnitude();
        $name = $wanted->line->name ?? '';

        return new Move(
            Phase::Square, "Measure {$wanted->label()}",
            "Hold the tape square to it, level, and read to the nail of {$wanted->posts()[0]->label}. If it stands right it reads {$site->plan->write($planned)}. The grid runs parallel to {$name}: offsets at several stakes hold it.",
            $planned, 'square off it', $wanted->posts(), EntryKind::LineOffset, line: $wanted->line,
        );
    }
}
