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
use Aequus\Stock\StockCutting;
use Aequus\Words\Frame\LayerWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Said;
use App\Type\Say;
use App\View\StockList;

/** Every piece of the frame by its section, the boards to buy for them, and how each board is sawn. */
final readonly class BoardsPage
{
    /** More offcuts than these nobody keeps. */
    private const MOST_OFFCUTS = 12;

    public FrameRules $rules;

    /** @var list<SectionSawn> */
    public array $sections;

    private Frames $frames;

    private Plan $plan;

    public function __construct(private SiteState $site)
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
        return array_sum(array_map(fn (SectionSawn $section) => count($section->bought()), $this->sections));
    }

    public function cost(): string
    {
        return number_format(array_sum(array_map(fn (SectionSawn $section) => StockBoard::priceOf($section->bought()), $this->sections)), 2);
    }

    /** Less than which no way can cost. */
    public function bound(StockCutting $cutting): string
    {
        return number_format($cutting->bound, 2);
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

    /**
     * Which of its layer they are, as the frame numbers them: “1–4, 7”.
     *
     * @param  list<int>  $numbers
     */
    public function where(array $numbers): string
    {
        $numbers = array_values(array_unique($numbers));
        sort($numbers);
        $runs = [];
        foreach ($numbers as $number) {
            $last = count($runs) - 1;
            $runs = $last >= 0 && $runs[$last][1] === $number - 1 ? array_replace($runs, [$last => [$runs[$last][0], $number]])
                : [...$runs, [$number, $number]];
        }

        return implode(', ', array_map(fn (array $run) => $run[0] === $run[1] ? (string) $run[0] : "{$run[0]}–{$run[1]}", $runs));
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

    /** What lies on the site of a section, as it is typed. */
    public function lying(SectionSawn $section): string
    {
        $counts = array_count_values(array_map(fn (Length $one) => $one->nanometres, $section->atHand));

        return implode(
            '; ',
            array_map(
                fn (int $length, int $count) => ($count > 1 ? "{$count} × " : '').$this->plan->write(Length::nanometres($length)),
                array_keys($counts), $counts,
            ),
        );
    }

    /** @return list<array{StockCutting, string}> what is sawn, and what was lost and is sawn again, each with its caption */
    public function cuttings(SectionSawn $section): array
    {
        return [
            ...($section->cutting === null ? [] : [[$section->cutting, Say::text('frame.bought')]]),
            ...($section->again === null ? [] : [[$section->again, Say::text('frame.sawn_again')]]),
        ];
    }

    /** @return list<array{StockBoard, int, Length}> boards sawn alike together, how many, and what is left of each, the longest first */
    public function sawn(?StockCutting $cutting): array
    {
        $alike = [];
        foreach ($cutting->boards ?? [] as $board) {
            $key = $board->key();
            $alike[$key] = [$board, ($alike[$key][1] ?? 0) + 1, $board->rest($this->plan->notation->system()->kerf)];
        }
        usort(
            $alike,
            fn (array $a, array $b) => [
                $b[0]->stock->length->nanometres, -$b[2]->nanometres,
            ] <=> [$a[0]->stock->length->nanometres, -$a[2]->nanometres],
        );

        return $alike;
    }

    /** What a form sends of a board that was cut wrong: lengths in nanometres. */
    public function pieces(StockBoard $board): string
    {
        return implode(',', array_map(fn (Length $piece) => $piece->nanometres, $board->pieces));
    }

    /** @return list<Said> what remains of all boards of a section, the longest first, with what it would serve for; short ends are firewood */
    public function offcuts(SectionSawn $section): array
    {
        $alike = [];
        foreach ($section->offcuts($this->plan->notation->system()->kerf) as $offcut) {
            $key = $this->plan->write($offcut->length);
            $alike[$key] = [$offcut, ($alike[$key][1] ?? 0) + 1];
        }

        return array_values(array_map(fn (array $one) => $one[0]->serves === null ? $this->said(
            'frame.offcut_packing', count: $one[1], length: $one[0]->length,
        ) : $this->said(
            'frame.offcut_serves', count: $one[1], length: $one[0]->length, one: LayerWords::one($one[0]->serves->layer->kind),
            other: $one[0]->serves->length,
        ), array_slice($alike, 0, self::MOST_OFFCUTS)));
    }

    /** @return list<array{string, Length, Said, string}> each post with its length from foot to top, what is cut out of it, and how its head ends */
    public function posts(): array
    {
        $seat = [];
        foreach ($this->frames->all as $frame) {
            foreach ($frame->footprint->lines as $line) {
                foreach ($line->posts as $post) {
                    $seat[$post->label] = $frame->space->seats->of($line);
                }
            }
        }
        $posts = [];
        foreach ($this->site->footing->work($this->site->walk()) as $hole) {
            $notch = $seat[$hole->of->label] ?? null;
            $posts[] = [$hole->of->label, $hole->post, $notch === null || ! $notch->notchDeep->isPositive() ? $this->said('frame.post_plain')
                : $this->said('frame.post_notch', high: $notch->notchHigh, deep: $notch->notchDeep, left: $notch->left()), Say::text(match (true) {
                    $notch === null => 'frame.head_bare', $notch->isOnFaces() => 'frame.head_chamfered', default => 'frame.head_level'
                })];
        }

        return $posts;
    }

    /** The longest pieces of the heaviest section, which cost most to spoil. */
    public function lastCut(): ?Said
    {
        $pieces = $this->frames->pieces;
        usort($pieces, fn (Piece $a, Piece $b) => $b->volume() <=> $a->volume());
        $timber = array_values(array_filter($pieces, fn (Piece $piece) => $piece->layer->kind->isTimber()));

        return $timber === [] ? null : $this->said('frame.cut_last', one: LayerWords::one($timber[0]->layer->kind), length: $timber[0]->length);
    }

    private function said(string $key, string|int|Length ...$parts): Said
    {
        return (new Say(new Speech($this->plan)))($key, ...$parts);
    }

    /** @return list<array{float, float}> from and width of each piece of a board, in hundredths of the longest board on the page */
    public function bar(StockBoard $board): array
    {
        $longest = max(
            1,
            ...array_map(
                fn (SectionSawn $section) => max([1, ...array_map(fn ($stock) => $stock->length->nanometres, $section->stocks)]), $this->sections,
            ),
        );
        $bar = [];
        $at = 0;
        foreach ($board->pieces as $piece) {
            $bar[] = [round(100 * $at / $longest, 2), round(100 * $piece->nanometres / $longest, 2)];
            $at += $piece->nanometres + $this->plan->notation->system()->kerf->nanometres;
        }

        return [...$bar, [0.0, round(100 * $board->stock->length->nanometres / $longest, 2)]];
    }
}
