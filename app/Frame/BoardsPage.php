<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Frame\Frames;
use Aequus\Frame\Piece;
use Aequus\Frame\SectionSawn;
use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Set\Lift;
use Aequus\Site\SiteState;
use Aequus\Stock\StockBoard;
use Aequus\Words\Frame\LayerWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Say;
use App\View\StockList;

/** Every piece of the frame by its section, the boards to buy for them, and how each board is sawn. */
final readonly class BoardsPage
{
    public FrameRules $rules;

    /** @var list<SectionSawn> */
    public array $sections;

    private Frames $frames;

    private Plan $plan;

    public function __construct(SiteState $site)
    {
        $this->plan = $site->plan;
        $this->rules = UsualFrame::orDecided($site->plan);
        $this->frames = Frames::decidedOrUsual($site->plan, $site->log);
        $this->sections = SectionSawn::all($this->frames->pieces, $this->rules, $site->plan->notation->system()->kerf, $site->log);
    }

    /** Whether the frame can’t be built as it is: what is cut for it would be wrong somewhere. */
    public function isFrameHindered(): bool
    {
        return $this->frames->hindered !== [];
    }

    /** How many boards are bought for all sections whose lengths are known. */
    public function boards(): int
    {
        return array_sum(array_map(fn (SectionSawn $section) => count($section->cutting->boards ?? []), $this->sections));
    }

    public function cost(): string
    {
        return number_format(array_sum(array_map(fn (SectionSawn $section) => $section->cutting->cost ?? 0.0, $this->sections)), 2);
    }

    /** Less than which no way can cost. */
    public function bound(SectionSawn $section): string
    {
        return number_format($section->cutting->bound ?? 0.0, 2);
    }

    /** Whether some section’s lengths are not known. */
    public function isOpen(): bool
    {
        return array_filter($this->sections, fn (SectionSawn $section) => $section->cutting === null) !== [];
    }

    public function name(Piece $piece): string
    {
        return LayerWords::one($piece->layer->kind);
    }

    /** How its ends are cut, in words. */
    public function ends(Piece $piece): string
    {
        return match (true) {
            $piece->layer->kind === LayerKind::Brace => Say::text('frame.mitred_ends'),
            $piece->slope > 0.0 => Say::text('frame.plumb_ends', degrees: number_format(rad2deg(atan($piece->slope)), 1)),
            default => Say::text('frame.square_ends'),
        };
    }

    public function mass(Piece $piece): string
    {
        return (new LoadNotation($this->plan->notation->unit))->mass(Lift::ofVolume($piece->volume(), $this->plan->work->timber)->kilograms);
    }

    /** Why a section can’t be had from what is sold; null where it can. */
    public function hindered(SectionSawn $section): ?Sentence
    {
        return $section->hindered === null ? null : (new Speech($this->plan))->say($section->hindered);
    }

    /** What was said of the lengths a section is sold in. */
    public function sold(SectionSawn $section): string
    {
        return StockList::written($section->stocks, $this->plan->notation);
    }

    /** @return list<array{StockBoard, int, Length}> boards sawn alike together, how many, and what is left of each, the longest first */
    public function sawn(SectionSawn $section): array
    {
        $alike = [];
        foreach ($section->cutting->boards ?? [] as $board) {
            $key = $board->key();
            $alike[$key] = [$board, ($alike[$key][1] ?? 0) + 1, $board->stock->length->minus(Length::sum($board->pieces))];
        }
        usort($alike, fn (array $a, array $b) => [$b[0]->stock->length->nanometres, -$b[2]->nanometres] <=> [$a[0]->stock->length->nanometres, -$a[2]->nanometres]);

        return $alike;
    }

    /** @return list<array{float, float}> from and width of each piece of a board, in hundredths of the longest board on the page */
    public function bar(StockBoard $board): array
    {
        $longest = max(1, ...array_map(fn (SectionSawn $section) => max([1, ...array_map(fn ($stock) => $stock->length->nanometres, $section->stocks)]), $this->sections));
        $bar = [];
        $at = 0;
        foreach ($board->pieces as $piece) {
            $bar[] = [round(100 * $at / $longest, 2), round(100 * $piece->nanometres / $longest, 2)];
            $at += $piece->nanometres + $this->plan->notation->system()->kerf->nanometres;
        }

        return [...$bar, [0.0, round(100 * $board->stock->length->nanometres / $longest, 2)]];
    }
}
