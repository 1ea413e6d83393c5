<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Frame\BeamLine;
use Aequus\Frame\Bearing;
use Aequus\Frame\BoardsAcross;
use Aequus\Frame\CornerBrace;
use Aequus\Frame\LeanTo;
use Aequus\Frame\RowAsCast;
use Aequus\Frame\SeatCut;
use Aequus\Frame\SlopedMember;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\EndCut;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;
use App\View\StockList;

/**
 * What lies on the posts, worked out before it is bought: a beam over a row of this plan out of stock lengths, rafters between two beam lines, boards
 * over a width, braces in a corner. Asked in the address; nothing is stored, and no span is checked.
 */
final readonly class FrameSums
{
    private const MOST_PLIES = 4;

    /** @var array<string, string> rows and columns of at least two posts, in words */
    public array $lines;

    /** The one that the beam lies on. */
    public string $line;

    /** How its posts were cast; null where there is no row. */
    public ?RowAsCast $row;

    public ?BeamLine $beam;

    /** Of the beam, overhangs with it. */
    public Length $beamLong;

    public ?LeanTo $slope;

    public ?SlopedMember $rafter;

    /** Of each seat of the rafter; null where none is cut. */
    public ?SeatCut $seat;

    /** @var list<Length> both ends of each seat along the top edge, from the high end */
    public array $seatLines;

    public ?BoardsAcross $boards;

    public ?CornerBrace $brace;

    private Plan $plan;

    public function __construct(public QueryForm $sums, SiteState $site)
    {
        $this->plan = $site->plan;
        $rows = self::rows($site->plan);
        $this->lines = array_map(fn (array $posts) => "{$posts[0]->label}–{$posts[count($posts) - 1]->label}", $rows);
        $this->line = isset($rows[$sums->typed('line')]) ? $sums->typed('line') : (string) array_key_first($rows);
        $posts = $rows[$this->line] ?? [];
        [$over, $past] = [$this->length('over', Length::zero()), $this->length('past', Length::zero())];
        $cast = $site->log->newest(AsCast::class);
        $this->row = $posts === [] ? null : RowAsCast::of($posts, $cast, $site->plan);
        $this->beamLong = ($this->row->reach ?? Length::zero())->plus($over)->plus($past);
        $stocks = StockList::typed($sums, 'stocks', $site->plan->notation);
        $plies = (int) ($sums->number('plies', 1, self::MOST_PLIES) ?? 1);
        $this->beam = $stocks === [] || $this->row === null || $sums->refusals !== [] ? null : $sums->attempt('stocks', fn () => BeamLine::over(
            $this->beamLong, array_map(fn (Bearing $bearing) => new Bearing($bearing->name, $over->plus($bearing->at)), $this->row->bearings),
            $stocks, $plies,
        ));
        $this->slope = $this->slope();
        [$this->rafter, $this->seat, $this->seatLines] = $this->rafter();
        $boards = $sums->lengths(['across', 'wide']);
        $this->boards = $boards === null ? null
            : $sums->attempt('wide', fn () => new BoardsAcross($boards[0], $boards[1], $this->length('board_gap', Length::zero())));
        $brace = $sums->lengths(['leg', 'brace_wide']);
        $this->brace = $brace === null ? null : $sums->attempt('leg', fn () => $sums->typed('leg_to') === 'long_edge'
            ? CornerBrace::toItsLongEdge($brace[0], $brace[1]) : CornerBrace::toItsCentreLine($brace[0], $brace[1]));
    }

    /** @return array<string, string> how an end may be cut, in words */
    public static function ends(): array
    {
        return array_combine(
            array_column(EndCut::cases(), 'value'), array_map(fn (EndCut $end) => Say::text("cut.frame.end_{$end->value}"), EndCut::cases()),
        );
    }

    /** @return array<int, list<string>> posts over which two plies side by side are both joined, by the number of the first of them */
    public function shared(): array
    {
        $shared = [];
        foreach ($this->beam->shared ?? [] as [$ply, $post]) {
            $shared[$ply][] = $post;
        }

        return $shared;
    }

    /** @return list<string> what casting changed on the line of the beam; none before anything is cast */
    public function asCast(): array
    {
        $row = $this->row;
        if ($row === null || ! $row->isCast()) {
            return [];
        }
        $says = [];
        if (! $row->isAsPlanned()) {
            $says[] = Say::text($row->longer->isPositive() ? 'cut.frame.cast_longer' : 'cut.frame.cast_shorter', line: $this->lines[$this->line],
                off: $this->plan->write($row->longer->magnitude()), reach: $this->plan->write($row->reach));
        } elseif ($row->notCast === []) {
            $says[] = Say::text('cut.frame.cast_as_planned', line: $this->lines[$this->line]);
        }
        foreach ($row->beside as [$post, $off]) {
            $says[] = Say::text('cut.frame.cast_beside', post: $post, off: $this->plan->write($off));
        }

        return $row->notCast === [] ? $says : [...$says, Say::text('cut.frame.not_cast', posts: $row->notCast)];
    }

    /** Degrees, for a bevel. */
    public function degrees(): string
    {
        return $this->slope === null ? '' : number_format(rad2deg($this->slope->angle), 1);
    }

    public function money(float $price): string
    {
        return number_format($price, 2);
    }

    private function length(string $field, Length $default): Length
    {
        return ($this->sums->lengths([$field]) ?? [$default])[0];
    }

    /** From the heights of both sides, else null. */
    private function slope(): ?LeanTo
    {
        $heights = $this->sums->lengths(['high', 'low']);
        if ($heights === null) {
            return null;
        }
        $centres = $this->length('apart', $this->plan->grid->rows->length());
        $beam = $this->length('beam_wide', Length::zero());
        $seat = $this->length('seat', Length::zero());

        return $this->sums->attempt('high', fn () => new LeanTo($heights[0], $heights[1], LeanTo::runBetween($centres, $beam, $beam, $seat, $seat)));
    }

    /** @return array{?SlopedMember, ?SeatCut, list<Length>} */
    private function rafter(): array
    {
        $depth = $this->sums->lengths(['depth']);
        if ($this->slope === null || $depth === null) {
            return [null, null, []];
        }
        [$overHigh, $overLow, $seat] = [
            $this->length('over_high', Length::zero()), $this->length('over_low', Length::zero()), $this->length('seat', Length::zero()),
        ];
        $end = fn (string $field): EndCut => EndCut::tryFrom($this->sums->typed($field)) ?? EndCut::Plumb;
        $rafter = $this->sums->attempt('depth', fn () => new SlopedMember(
            $overHigh->plus($this->slope->run)->plus($overLow), $this->slope->slope, $depth[0], $end('high_end'), $end('low_end'),
        ));
        if ($rafter === null || ! $seat->isPositive()) {
            return [$rafter, null, []];
        }
        $lines = array_map(
            $rafter->along(...),
            [$overHigh, $overHigh->plus($seat), $overHigh->plus($this->slope->run), $overHigh->plus($this->slope->run)->plus($seat)],
        );

        return [$rafter, $this->sums->attempt('seat', fn () => new SeatCut($seat, $this->slope->slope, $depth[0])), $lines];
    }

    /** @return array<string, non-empty-list<Post>> rows and columns of at least two posts, by where they lie */
    private static function rows(Plan $plan): array
    {
        $lines = [];
        foreach ($plan->grid->atCrossings() as $post) {
            $lines["y{$post->at->y->nanometres}"][] = $post;
            $lines["x{$post->at->x->nanometres}"][] = $post;
        }
        foreach ($plan->parts as $part) {
            foreach ($part->lines as $i => $posts) {
                $lines["{$part->id}-{$i}"] = $posts;
            }
        }

        return array_filter($lines, fn (array $posts) => count($posts) >= 2);
    }
}
