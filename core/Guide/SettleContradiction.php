<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Taped;

/** Readings that contradict each other are read again, longest first: a slip shows at once. */
final readonly class SettleContradiction implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->square->taped as $taped) {
            if ($taped->disagreesWithItself()) {
                yield $this->again($taped, "It was read more than once, {$site->plan->write($taped->spread)} apart. Read it once more and correct the wrong one.");
            }
        }
        $closure = $site->square->outline?->closure();
        if ($site->square->outline === null || $closure === null || $closure->holds || $site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        $apart = $closure->misfit === null
            ? 'No figure at all has these six distances.'
            : "The six tapes disagree by {$site->plan->write($closure->misfit->magnitude())}; the tape itself explains {$site->plan->write($closure->allowed)}.";
        foreach ($site->square->outline->toReadAgain() as $taped) {
            yield $this->again($taped, "{$apart} One may be wrong, and from these six nobody can tell which. Read each again, longest first.");
        }
        if ($site->square->outline->toReadAgain() === []) {
            yield new Move(
                Phase::Square, 'Find out why all six were read again and still disagree',
                "{$apart} The tape may be rougher than its class, or a stake stood loose. Tape a stake more, or take the outline with a reason.",
                $closure->misfit?->magnitude(), 'apart', asks: EntryKind::Decision,
            );
        }
    }

    private function again(Taped $taped, string $why): Move
    {
        $pair = $taped->pair;

        return new Move(Phase::Square, "Pull {$pair->label()} again", $why, $taped->distance, 'is what was read', [$pair->from, $pair->to], EntryKind::Tape);
    }
}
