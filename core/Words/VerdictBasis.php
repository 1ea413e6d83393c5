<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Words\Adjust\AdjustNames;

/** What a verdict on a layout rests on, and how it follows from this job’s own figures, with the names of the rules. */
final readonly class VerdictBasis
{
    use TellsOfStakes;

    private Plan $plan;

    private function __construct(private SiteState $site)
    {
        $this->plan = $site->plan;
    }

    /** @return array{list<Sentence>, list<Sentence>} what it rests on, and how it follows */
    public static function of(SiteState $site): array
    {
        $basis = new self($site);

        return [array_map($basis->said(...), $basis->restsOn()), array_map($basis->said(...), $basis->follows())];
    }

    /** @return list<string|Sentence> */
    private function restsOn(): array
    {
        $square = $this->site->square;
        $survey = $square->survey;
        $rests = [];
        if ($survey->placed !== null) {
            $rests[] = $this->said(
                'Judged ', AdjustNames::judged($survey->placed->way), ', with a ', Names::of($this->plan->layout->tape),
                '; every stake is known within ',
                Length::millimetres(2.45 * $survey->placed->covariance->largest()), '.',
            );
        }
        if ($square->unread() === [] && $survey->free !== []) {
            $rests[] = 'Nothing read so far says where '.$this->labels($survey->free).(count($survey->free) === 1 ? ' stands.' : ' stand.');
        }
        if ($survey->mirrored !== []) {
            $rests[] = $this->labels($survey->mirrored).(count($survey->mirrored) === 1 ? ' hangs' : ' hang').' on two tapes only: the mirror image '
                .'would fit as well. A third tape settles it.';
        }
        foreach ($survey->constants as $tape => [$constant, $deviation]) {
            $shows = Length::millimetres($constant);
            $rests[] = $this->said(
                'The tape “', $tape, '” shows ', $shows->magnitude(), ' too ', $shows->isNegative() ? 'little' : 'much',
                ' against the first one, give or take ', Length::millimetres(NormalDistribution::WITHIN_95 * $deviation), '; that is taken off.',
            );
        }
        foreach ($square->keptOffsets() as $kept) {
            $room = $kept->room;
            $rests[] = $this->said(
                $kept->post->label, ' stands ', $room, ' off ', $kept->line->name, ', face to line; ',
                $kept->isKept() ? 'that is kept.' : $this->said('that is less than the ', $kept->line->least ?? Length::zero(), ' to be kept.'),
            );
        }
        if ($survey->far->offPlan !== []) {
            $rests[] = $this->labels($survey->far->offPlan).' stand'.(count($survey->far->offPlan) === 1 ? 's'
                : '').' far off the plan: several tapes say so.';
        }
        if ($survey->placed?->way === PlacementWay::ByLine && ! ($survey->placed->lines->direction ?? true)) {
            $rests[] = 'One offset holds the place only, not the direction: a turn of the whole is not told.';
        }
        if ($square->taken->waiting !== []) {
            $rests[] = $this->plural(
                count($square->taken->waiting), 'tape along the ground waits', 'tapes along the ground wait',
            ).' for the rise: level the stakes, or type it.';
        }
        $decided = $this->site->decided(DecisionAbout::AcceptOutline);
        if ($decided !== null) {
            $rests[] = "Taken as it stands: {$decided->reason}";
        }

        return $rests;
    }

    /** @return list<string|Sentence> */
    private function follows(): array
    {
        $survey = $this->site->square->survey;
        if ($survey->mistakes === null || $survey->placed === null) {
            return [];
        }
        $tolerance = $this->plan->tolerances->squareness;
        $why = [
            $this->plural(
                count($survey->judged), 'reading fixes', 'readings fix',
            ).' '.count($survey->known).' stakes by least squares; '.($survey->surplus === 0
                ? 'none is more than is needed, so nothing checks them. '
                    : $this->plural(
                        $survey->surplus, 'is more than is needed and checks', 'are more than is needed and check',
                    ).' the rest. ').($survey->mistakes->s0 === null ? ''
                        : 'They scatter '.number_format($survey->mistakes->s0, 2).' times as much as their class says.'),
        ];
        foreach ($survey->mistakes->dropped as $dropped) {
            $why[] = $this->reading($dropped->id).' lies '.number_format(
                abs($dropped->standardised), 1,
            ).' of its standard deviations from where all others '
                .'put it, and no other reading could look as wrong: it is left out (Baarda’s data snooping, at 1 % for all readings together).';
        }
        if ($survey->mistakes->named !== []) {
            $why[] = 'In doubt together: '.implode(
                ', ', array_map($this->reading(...), $survey->mistakes->named),
            ).'. Their residuals are so alike that the test can’t part them.';
        }
        foreach ($survey->placed->out() as $stake) {
            $why[] = $this->said(
                $this->label($stake->name), ' is out: it would have to move ', Length::millimetres($stake->size()), ', more than ', $tolerance,
                ', and that is ', $stake->test === null ? 'exact' : number_format(sqrt($stake->test), 1).' times what its readings leave open', '.',
            );
        }
        $why[] = $this->said(
            'Within means: the move is at most ', $tolerance,
            ', and so is the 95 % ring of what the readings leave open (2.45 times the longest half-axis). Neither out nor within: it can’t be told '
                .'yet.',
        );

        return $why;
    }
}
