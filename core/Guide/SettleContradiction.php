<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\PostId;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Readings that contradict each other and can’t be told apart: first the one further distance that tells, else each again, longest first. */
final readonly class SettleContradiction implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $square = $site->square;
        if (! $square->survey->isInDoubt() && $square->survey->restless === [] || $site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        $named = count($square->survey->mistakes->named ?? []);
        $why = $square->survey->restless !== []
            ? 'The readings contradict each other so grossly that no place comes out of them.'
            : "{$named} readings can’t all be true. One of them may be wrong, and a mistake in any of them would look the same.";
        $tell = $square->survey->separation;
        if ($tell !== null && $tell->separatesAll()) {
            [$from, $to] = array_map(fn (string $id) => $site->plan->grid->find(PostId::of($id)), $tell->of);
            if ($from !== null && $to !== null) {
                $planned = $from->at->distanceTo($to->at);
                yield new Move(Phase::Square, "Pull the tape {$from->label}–{$to->label}", "{$why} This one further tape tells which. It should read about {$site->plan->write($planned)}.", $planned, 'from nail to nail', [$from, $to], EntryKind::Tape);
            }
        }
        $doubtful = $square->survey->restless !== [] ? array_values($square->taken->taped) : $square->doubtful();
        foreach ($doubtful as $taped) {
            if ($taped->pulls < 2) {
                yield PullAgain::again($taped, "{$why} Read each again, longest first: a slip shows at once.");
            }
        }
        yield new Move(
            Phase::Square, 'Find out why they were read again and still disagree',
            "{$why} The tape may be rougher than its class, or a stake stood loose. Set two stakes more, at the middle of two opposite sides, and tape to them; or take the layout with a reason.",
            Length::millimetres(self::misfit($site)), 'is the largest misfit', asks: EntryKind::Decision,
        );
    }

    private static function misfit(SiteState $site): float
    {
        $off = array_map(fn ($judged) => abs($judged->off), $site->square->survey->judged);

        return $off === [] ? 0.0 : max($off);
    }
}
