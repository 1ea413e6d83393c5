<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Adjust\GrossErrors\FarReading;
use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Square\SquareVerdict;
use Aequus\Words\Square\DoubtWords;

/** The verdict on a layout in plain words: what holds, what it rests on, and how that follows from this job’s own figures. */
final readonly class VerdictWords
{
    use TellsOfStakes;

    public Sentence $title;

    public Sentence $says;

    /** @var list<Sentence> sentences on what it rests on */
    public array $rests;

    /** @var list<Sentence> how it follows, with the names of the rules */
    public array $why;

    public SquareVerdict $verdict;

    private Plan $plan;

    public function __construct(private SiteState $site)
    {
        $this->plan = $site->plan;
        $this->verdict = $site->square->verdict();
        [$this->title, $this->says] = array_map($this->said(...), $this->words());
        [$this->rests, $this->why] = VerdictBasis::of($site);
    }

    /** @return array{string|Sentence, string|Sentence} */
    private function words(): array
    {
        $square = $this->site->square;
        $survey = $square->survey;
        $tolerance = $this->plan->tolerances->squareness;
        $unread = count($square->unread());
        $out = array_map(fn (PlacedStake $stake) => $this->label($stake->name), $square->toMove());
        $leftOut = LeftOutWords::of($square, new Speech($this->plan));
        $all = count($square->wanted);

        return match ($this->verdict) {
            SquareVerdict::OnePost => [
                'One post has nothing to square', 'Its place comes from the road, the wall or the boundary: measure it from there.',
            ],
            SquareVerdict::NothingRead => [
                'Nothing is taped yet', $this->said(
                    (string) $all, ' readings prove this layout to ', $tolerance, '. They are listed in walking order; begin with the first.',
                ),
            ],
            SquareVerdict::RoughOff => [
                $this->plural(count($square->rough?->off() ?? []), 'rough reading is', 'rough readings are').' more than a hand off',
                'Set those stakes nearer. To the tolerance the layout is proved later, on boards and strings.',
            ],
            SquareVerdict::Rough => [
                'The outline is staked roughly, within a hand’s breadth',
                $this->said(
                    'Stakes between were not measured; the strings give them their places. Nothing is proved to ', $tolerance,
                    ': that is done on nails and strings once the boards stand.',
                ),
            ],
            SquareVerdict::AnotherUnit => [
                'Every tape reads '.number_format($this->timesOff(), 2).' times what the plan has',
                'Nothing was adjusted. '.($survey->far->inAnotherUnit
                    ? (new Speech($this->plan))->say($survey->far->inAnotherUnit[0]->asks($survey->far->ratio > 1))
                        : 'Do these tapes belong to this plan?'),
            ],
            SquareVerdict::FarFromPlan => [
                $this->plural(count($survey->far->setAside), 'tape is', 'tapes are').' far from the plan', $this->farAway(),
            ],
            SquareVerdict::LinesContradict => [
                $this->lines($survey->linesInConflict()).' can’t both lie as the plan has them',
                'Offsets from the stakes tell how they lie to each other. Until that is settled nothing is judged by a line.',
            ],
            SquareVerdict::AgainstTheLine => $this->againstTheLine() ?? ['The layout stands off its line', ''],
            SquareVerdict::NoRest => [
                'These readings make no figure',
                'They contradict each other so grossly that no place comes out for '.$this->labels($survey->unsettled).'.',
            ],
            SquareVerdict::InDoubt => [
                $this->plural(count($survey->mistakes->named ?? []), 'reading', 'readings').' can’t all be true',
                DoubtWords::of($square, $this->plan->grid),
            ],
            SquareVerdict::RougherThanClass => [
                'These tapes are rougher than their class',
                'No single reading is wrong, but together they scatter '.number_format($survey->mistakes->s0
                    ?? 0.0, 1).' times as much as a '.Names::of($this->plan->layout->tape).' should.',
            ],
            SquareVerdict::Out => ($survey->placed?->way === PlacementWay::ByLine ? $this->againstTheLine() : null) ?? $this->leans() ?? [
                count($out) === 1 ? "Stake {$out[0]} is out" : count($out).' stakes are out: '.implode(', ', $out),
                $this->said(
                    $this->plural(count($survey->known) - count($survey->placed?->out() ?? []), 'other stake stands', 'other stakes stand'),
                    $survey->placed?->undetermined() === [] ? $this->said(' within ', $tolerance) : ' where they are, as far as can be told',
                    $unread > 0 ? "; {$unread} of {$all} readings are still to take." : '.',
                ),
            ],
            SquareVerdict::ReadingsMissing => [
                "{$unread} of {$all} ".($square->rough === null ? '' : 'rough ').'readings still to take',
                $square->rough !== null ? 'Stakes are set to a hand’s breadth first; boards and strings follow.' : ($leftOut ?? $this->soFar()),
            ],
            SquareVerdict::CannotTell => [
                $this->plural(count($survey->placed?->undetermined() ?? []), 'stake', 'stakes').' can’t be told yet', $this->said(
                    'The readings agree, but leave ',
                    $this->labels(array_map(fn (PlacedStake $stake) => $stake->name, $survey->placed?->undetermined() ?? [])),
                    ' open by more than the ', $tolerance, ' this job allows.',
                ),
            ],
            SquareVerdict::DesignHasToGive => [
                'The posts that are set fit no true grid', 'They can’t move any more: anchors, notches or a new plan must give.',
            ],
            SquareVerdict::Within => [
                $this->said('Every stake is within ', $tolerance, LeftOutWords::providedThat($square, new Speech($this->plan))),
                ($leftOut === null ? '' : "{$leftOut} ").'Proved by '.count($survey->judged).' readings'.($survey->surplus > 0
                    ? ', '.$this->plural($survey->surplus, 'more than is needed', 'more than are needed').'.' : '; nothing checks them.'),
            ],
        };
    }

    /**
     * The commonest case by hand: the far side of the outline stands shifted along its string.
     *
     * @return ?array{string|Sentence, string|Sentence} null where something else is out
     */
    private function leans(): ?array
    {
        $outline = $this->site->square->outline;
        [$shift, $difference] = [$outline?->farSideShift(), $outline?->diagonalDifference()];
        $out = array_map(fn (PlacedStake $stake) => $this->label($stake->name), $this->site->square->toMove());
        if ($outline === null || $shift === null || $difference === null
            || array_diff([$outline->corners->c->label, $outline->corners->d->label], $out) !== [] || count($out) !== 2) {
            return null;
        }
        [$leans, $goes] = [
            $this->plan->sides->nameOf(Side::alongX(-$shift->nanometres)), $this->plan->sides->nameOf(Side::alongX($shift->nanometres)),
        ];

        return [
            $this->said('The outline leans ', $shift->magnitude(), ' toward the ', $leans),
            $this->said(
                'The diagonals differ by ', $difference->magnitude(), '. Moving ', $outline->corners->d->label, ' and ', $outline->corners->c->label,
                ', the ', $this->plan->sides->plusY, ' side, ', $shift->magnitude(), ' toward the ', $goes,
                ' along their string makes them equal and leaves the sides as long as they are.',
            ),
        ];
    }

    private function timesOff(): float
    {
        return $this->site->square->survey->far->ratio;
    }

    private function farAway(): Sentence
    {
        $far = $this->site->square->survey->far;
        $each = array_map(function (FarReading $one): Sentence {
            $misfit = Length::millimetres($one->misfit);

            return $this->said(
                $this->reading($one->id), ' reads ', $misfit->magnitude(), ' too ', $misfit->isPositive() ? 'much' : 'little', '.',
                $one->guesses === [] ? '' : ' ',
                $one->guesses === [] ? '' : (new Speech($this->plan))->say($one->guesses[0]->asks($misfit->isPositive())),
            );
        }, array_slice($far->setAside, 0, 4));

        return Sentence::inARow(
            $this->plan->notation, ...[
                ...$each, $this->said('They count for nothing until they are pulled again or confirmed; nothing is judged before.'),
            ],
        );
    }

    /** @param  list<string>  $ids */
    private function lines(array $ids): string
    {
        return ucfirst(implode(' and ', array_map(fn (string $id) => $this->plan->fixedLine($id)->name ?? $id, $ids)));
    }

    /**
     * Turned against the line, or too near or far as a whole: said as one pulls a frame straight.
     *
     * @return ?array{string|Sentence, string|Sentence} null where it is neither
     */
    private function againstTheLine(): ?array
    {
        $against = $this->site->square->survey->against;
        $line = $this->plan->fixedLine($against->line ?? '');
        if ($against === null || $line === null || ! $this->site->square->isAgainstTheLine()) {
            return null;
        }
        $posts = $this->plan->grid->posts;
        usort($posts, fn (Post $one, Post $other) => $line->along($one->at)->nanometres <=> $line->along($other->at)->nanometres);
        $isLeft = ! $line->off($posts[0]->at)->isNegative();
        if (! $against->isOutOfParallel()) {
            $off = Length::millimetres(abs($against->across));
            $far = ($against->across > 0) === $isLeft;

            return [
                $this->said('The whole layout stands ', $off, ' too ', $far ? 'far from' : 'near to', ' ', $line->name),
                'Its stakes fit each other; all of them move together, '.($far ? 'toward' : 'away from')." {$line->name}.",
            ];
        }
        $by = Length::millimetres(abs($against->turned));
        $toward = ($against->turned > 0) === $isLeft ? 'toward' : 'away from';

        return [
            $this->said('Out of parallel to ', $line->name, ' by ', $by, ' over ', Length::millimetres($against->over)),
            $this->said(
                'Swing the far end, at ', $posts[count($posts) - 1]->label, ', ', $by, ' ', $toward, ' ', $line->name, '; the end at ',
                $posts[0]->label, ' is the pivot. The moves of the stakes stand below.',
            ),
        ];
    }

    private function soFar(): string
    {
        $square = $this->site->square;
        $known = count($square->survey->known);
        $outline = $square->outline;
        if (count($this->plan->grid->posts) === 4 && $outline !== null && $outline->hasDiagonals() !== $outline->hasSides()) {
            return $outline->hasSides() ? 'The sides alone leave the outline free to lean: it takes a diagonal.'
                : 'Equal diagonals alone prove no right angle: it takes the sides too.';
        }
        $out = array_map(fn (PlacedStake $stake) => $stake->name, $square->toMove());
        if ($square->survey->isInDoubt()) {
            return $this->plural(
                count($square->survey->mistakes->named ?? []), 'reading', 'readings',
            ).' of those taken can’t all be true; what is still to take will tell more.';
        }
        if ($out !== []) {
            return 'So far '.$this->labels($out).(count($out) === 1 ? ' looks'
                : ' look').' out. Move nothing before all are read: one of them may be wrong.';
        }

        return $known < 2
            ? 'What was read so far fixes no stake yet.'
            : 'What was read so far fixes '.$known.' of '.count($this->plan->grid->posts).' stakes, and so far none of it looks wrong.';
    }
}
