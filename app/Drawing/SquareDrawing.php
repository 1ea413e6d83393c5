<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Square\StraightenLayout;
use Aequus\Measure\Length;
use Aequus\Plan\Place\FittingThing;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\SettingOut\BatterBoard;
use Aequus\Square\SettingOut\BatterBoards;
use Aequus\Square\SquareVerdict;
use Aequus\Words\Plan\FitWords;
use Aequus\Words\Speech;
use App\Drawing\Drawn\DrawnBand;
use App\Drawing\Drawn\DrawnBox;
use App\Drawing\Drawn\DrawnFixed;
use App\Drawing\Drawn\DrawnLabel;
use App\Drawing\Drawn\DrawnLine;
use App\Drawing\Drawn\DrawnReading;
use App\Drawing\Drawn\DrawnStake;
use App\Drawing\Drawn\Frame;
use App\Drawing\Drawn\Labels;
use App\Square\ReadingRow;
use App\Square\ReadingSheet;
use App\Type\Say;
use App\Type\Typeset;

/** The plan as a working drawing: strings on their boards, stakes in their holes, readings pulled and to pull, what is open and what must move. */
final readonly class SquareDrawing
{
    private const FACTORS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

    public Frame $frame;

    /** How many times as large as the plan errors and moves are drawn. */
    public int $factor;

    public float $postWidth;

    public float $postDepth;

    public float $holeRadius;

    public float $slackRadius;

    /** @var list<DrawnStake> */
    public array $stakes;

    /** @var list<DrawnReading> */
    public array $readings;

    /** @var list<DrawnLine> */
    public array $strings;

    /** @var list<DrawnBox> */
    public array $boards;

    /** @var list<array{float, float}> */
    public array $nails;

    /** @var list<DrawnBand> */
    public array $bands;

    /** @var list<DrawnFixed> what will not move */
    public array $fixed;

    /** @var list<DrawnBox> what must fit between posts */
    public array $envelopes;

    /** @var list<DrawnLabel> */
    public array $labels;

    /** @var array<string, string> what the shapes that occur stand for */
    public array $legend;

    public Plan $plan;

    private function __construct(private SiteState $site, ReadingSheet $sheet, private string $chosen)
    {
        $this->plan = $plan = $site->plan;
        $boards = BatterBoards::of($plan, array_values($site->clear->services));
        $this->frame = $frame = new Frame($plan, $plan->layout->boards->setback);
        $this->factor = $this->fittingFactor($site->square->survey->placed);
        $this->postWidth = max(8.0, $frame->size($plan->post->b));
        $this->postDepth = max(8.0, $frame->size($plan->post->d));
        $this->holeRadius = max(10.0, $frame->size($plan->hole->width->half()));
        $slack = $plan->hole->slack($plan->stoutest(), $plan->layout->cover)->slack;
        $this->slackRadius = $slack->isPositive() ? $frame->size($slack) : 0.0;
        $next = Guide::next($site, Scope::phase(Phase::Square));
        $this->stakes = array_map(fn (Post $post) => $this->stake($post, $next), $plan->grid->posts);
        $this->readings = array_values(array_filter(array_map(fn (ReadingRow $row) => $this->reading($row, $next), $sheet->rows)));
        [$this->boards, $this->nails] = $this->drawnBoards($boards);
        $this->strings = $this->drawnStrings($boards);
        $this->fixed = DrawnFixed::all($plan, $frame);
        $this->bands = NoDigBands::of($site, $frame);
        $this->envelopes = array_map($this->envelope(...), $plan->openings());
        $this->labels = $this->label($next);
        $this->legend = SquareLegend::of($this->stakes, $this->readings);
    }

    /** @param  string  $chosen  label of a stake picked out; empty for none */
    public static function of(SiteState $site, ReadingSheet $sheet, string $chosen = ''): self
    {
        return new self($site, $sheet, $chosen);
    }

    /** The largest factor at which nothing reaches a third of the way to the next post. */
    private function fittingFactor(?PlacedNetwork $placed): int
    {
        $largest = 0.0;
        foreach ($placed->stakes ?? [] as $stake) {
            $largest = max($largest, $stake->verdict === StakeVerdict::Out ? $stake->size() : 0.0, $stake->ellipse->ring());
        }
        $bays = array_map(
            fn (Length $bay) => $bay->inMillimetres(),
            [...$this->plan->grid->columns->spacing()->gaps(), ...$this->plan->grid->rows->spacing()->gaps()],
        );
        $room = ($bays === [] ? 1000.0 : min($bays)) / 3;
        $fit = 1;
        foreach (self::FACTORS as $factor) {
            $fit = $largest * $factor <= $room ? $factor : $fit;
        }

        return $largest > 0.0 ? min(200, $fit) : 1;
    }

    private function stake(Post $post, ?Move $next): DrawnStake
    {
        $placed = $this->site->square->survey->stakeOf($post);
        $held = in_array($post, $this->site->square->held, true);
        [$x, $y] = [$this->frame->x($post->at->x), $this->frame->y($post->at->y)];
        $ring = $placed === null ? 0.0 : 2.45 * $this->frame->size(Length::millimetres($this->factor * $placed->ellipse->major));
        $minor = $placed === null ? 0.0 : 2.45 * $this->frame->size(Length::millimetres($this->factor * $placed->ellipse->minor));
        $told = $placed === null ? '' : (string) (new Speech($this->plan))->of($post->id)->list(...StraightenLayout::inMarks($this->site, $placed));
        $tolerance = $this->plan->write($this->plan->closenessAt($post->id)->across);
        [$shape, $words] = match (true) {
            $placed === null => ['free', Say::text('drawing.square_drawing.place_not_determined_by_what')],
            $held && $placed->counts > $this->plan->tolerances->squareness->inMillimetres() => [
                'held', Say::text('drawing.square_drawing.set_and_off_the_grid', told: $told),
            ],
            $held => ['held', Say::text('drawing.legend.held')],
            $placed->verdict === StakeVerdict::Out && $this->site->square->verdict() !== SquareVerdict::Out => [
                'undetermined', Say::text('drawing.square_drawing.looks_out_so_far'),
            ],
            $placed->verdict === StakeVerdict::Out => ['out', Say::text('drawing.square_drawing.out_move_it', told: $told)],
            $placed->verdict === StakeVerdict::CannotTell => [
                'undetermined', Say::text(
                    'drawing.square_drawing.cant_be_told_yet_open', millimetres: $this->plan->write(Length::millimetres($placed->ellipse->ring())),
                ),
            ],
            default => ['within', Say::text('drawing.square_drawing.within', tolerance: $tolerance)],
        };
        $stands = $placed !== null && $shape === 'out'
            ? [
                round($x - $this->frame->size(Length::millimetres($this->factor * $placed->along->x)), 1),
                round($y + $this->frame->size(Length::millimetres($this->factor * $placed->along->y)), 1),
            ]
            : null;

        return new DrawnStake(
            $post, $x, $y, $shape, $words, $ring, $minor, round(-rad2deg($placed?->ellipse->bearing ?? 0.0), 1), $stands,
            $next !== null && $next->isAbout($post), $post->label === $this->chosen,
        );
    }

    private function reading(ReadingRow $row, ?Move $next): ?DrawnReading
    {
        $posts = $row->wanted->posts();
        $isTape = $row->wanted->isTape();
        [$from, $to] = $isTape ? $posts : [$posts[0], $posts[0]];
        if (! $isTape && $row->state === 'fits') {
            return null;
        }
        $isNext = $next !== null && count($next->posts) === count($posts) && array_filter($posts, fn (Post $post) => ! $next->isAbout($post)) === [];

        return new DrawnReading(
            $this->frame->x($from->at->x), $this->frame->y($from->at->y), $this->frame->x($to->at->x), $this->frame->y($to->at->y),
            $row->key, $row->state, "{$row->label()}: {$row->word}", $isNext, $isTape, $this->chosen !== '' && $row->touches($this->chosen),
        );
    }

    /**
     * @param  list<BatterBoard>  $boards
     * @return array{list<DrawnBox>, list<array{float, float}>}
     */
    private function drawnBoards(array $boards): array
    {
        $boxes = $nails = [];
        foreach ($boards as $board) {
            if (! $board->canStand) {
                continue;
            }
            $along = ! $board->side->isAlongX();
            [$a, $b] = $along ? [$this->frame->x($board->start), $this->frame->x($board->end)]
                : [$this->frame->y($board->end), $this->frame->y($board->start)];
            $across = $along ? $this->frame->y($board->stands) : $this->frame->x($board->stands);
            $boxes[] = $along ? new DrawnBox($a, $across - 3, round($b - $a, 1), 6) : new DrawnBox($across - 3, $a, 6, round($b - $a, 1));
            foreach ($board->nails as $nail) {
                $at = $nail->mark->plus($nail->fromCentre);
                $nails[] = $along ? [$this->frame->x($at), $across] : [$across, $this->frame->y($at)];
            }
        }

        return [$boxes, $nails];
    }

    /**
     * @param  list<BatterBoard>  $boards
     * @return list<DrawnLine> from nail to nail
     */
    private function drawnStrings(array $boards): array
    {
        $ends = [];
        foreach ($boards as $board) {
            foreach ($board->nails as $nail) {
                $ends[$board->side->value]["{$nail->line} {$nail->fromCentre->nanometres}"] = [$nail->mark->plus($nail->fromCentre), $board->stands];
            }
        }
        $strings = [];
        foreach ($ends[Side::MinusX->value] ?? [] as $line => [$at, $near]) {
            $far = $ends[Side::PlusX->value][$line][1] ?? $near;
            $strings[] = new DrawnLine($this->frame->x($near), $this->frame->y($at), $this->frame->x($far), $this->frame->y($at), 'string');
        }
        foreach ($ends[Side::MinusY->value] ?? [] as $line => [$at, $near]) {
            $far = $ends[Side::PlusY->value][$line][1] ?? $near;
            $strings[] = new DrawnLine($this->frame->x($at), $this->frame->y($near), $this->frame->x($at), $this->frame->y($far), 'string');
        }

        return $strings;
    }

    private function envelope(FittingThing $thing): DrawnBox
    {
        [$x1, $y1, $x2, $y2] = [
            $this->frame->x($thing->from->at->x), $this->frame->y($thing->from->at->y), $this->frame->x($thing->to->at->x),
            $this->frame->y($thing->to->at->y),
        ];
        $width = $this->frame->size($thing->thing->width);
        $deep = max(26.0, 0.35 * $width);

        return new DrawnBox(
            round(($x1 + $x2 - $width) / 2, 1), round(($y1 + $y2 - $deep) / 2, 1), $width, round($deep, 1),
            round(rad2deg(atan2($y2 - $y1, $x2 - $x1)), 1), $thing->fits() ? 'fits' : 'tight',
        );
    }

    /** @return list<DrawnLabel> */
    private function label(?Move $next): array
    {
        $labels = new Labels(Frame::WIDTH, $this->frame->height);
        foreach ($this->stakes as $stake) {
            $labels->keepFree($stake->x, $stake->y, $this->holeRadius * 0.8);
            if ($stake->stands !== null) {
                $labels->keepFree($stake->stands[0], $stake->stands[1], 8);
            }
        }
        foreach ($this->boards as $board) {
            $labels->keepFree($board->x + $board->width / 2, $board->y + $board->height / 2, 5);
        }
        foreach ($this->readings as $reading) {
            if ($reading->next && $reading->isTape && $next?->number !== null) {
                $labels->beside(
                    0.6 * $reading->x1 + 0.4 * $reading->x2, 0.6 * $reading->y1 + 0.4 * $reading->y2, $this->plan->write($next->number),
                    Typeset::svg($this->plan->notation, $next->number), 'tape-label', 6, 19,
                );
            }
        }
        foreach ($this->stakes as $stake) {
            $labels->beside($stake->x, $stake->y, $stake->post->label, $stake->post->label, 'post-label', $this->holeRadius, 16);
        }
        foreach ($this->bands as $band) {
            $labels->beside($band->labelX, $band->labelY, strip_tags($band->label), $band->label, 'service-label', 5);
        }
        foreach ($this->plan->openings() as $i => $thing) {
            $box = $this->envelopes[$i];
            $labels->beside(
                $box->x + $box->width / 2, $box->y + $box->height / 2, FitWords::name($thing->thing), e(FitWords::name($thing->thing)), 'thing-label',
                4,
            );
        }

        return $labels->placed;
    }
}
