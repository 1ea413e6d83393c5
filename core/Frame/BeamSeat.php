<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;

/**
 * How beams sit on posts and what lies over them sits on beams: how high over the tops, and how far beside the middle of the posts. Millimetres.
 */
final readonly class BeamSeat
{
    /** Less of a post than this beside a notch is named: a rule of thumb. */
    private const SHARE_LEFT = 1 / 3;

    /** Of the beams’ underside over the tops of the posts. */
    public float $beamUp;

    /** Of the beams’ upper side over the tops. */
    public float $over;

    /** Cut out of a post’s outer face; zero where no notch is cut. */
    public Length $notchDeep;

    public Length $notchHigh;

    private float $thick;

    private int $plies;

    private Seating $seating;

    private ?Layer $joist;

    /**
     * @param  Length  $post  how thick a post is across the beams
     * @param  ?int  $row  whose beam it is; null for the usual one
     */
    public function __construct(FrameRules $rules, private Length $post, ?int $row = null)
    {
        $beam = $rules->layer(LayerKind::Beam);
        $beam = $row === null ? $beam : $beam?->at($row);
        $this->joist = $rules->layer(LayerKind::Joist);
        $deep = $beam?->deep->inMillimetres() ?? 0.0;
        [$this->thick, $this->plies] = [$beam?->thick->inMillimetres() ?? 0.0, $beam->count ?? 1];
        $this->seating = $beam->joinery->seating ?? Seating::OnTop;
        $seat = $beam?->joinery->seat;
        $isNotched = $beam !== null && $this->seating === Seating::InNotch;
        $this->notchDeep = $isNotched ? $beam->thick->times($this->plies) : Length::zero();
        $this->notchHigh = $isNotched ? $seat ?? $beam->deep : Length::zero();
        $this->beamUp = match ($this->seating) {
            Seating::OnTop => 0.0,
            Seating::InNotch => -$this->notchHigh->inMillimetres(),
            Seating::OnSides => -$deep,
            Seating::InCap => $seat?->inMillimetres() ?? 0.0,
        };
        $this->over = $deep + $this->beamUp;
    }

    /**
     * The seat of a rafter on such a rise; null where none is cut.
     *
     * @throws FrameRefused when it goes through the rafter
     */
    public function rafter(float $rise): ?SeatCut
    {
        $width = $this->joist?->joinery->seat;

        return $this->joist === null || $width === null || ! $width->isPositive() || abs($rise) < 1e-9 ? null
            : new SeatCut($width, abs($rise), $this->joist->deep);
    }

    /**
     * By how much a rafter’s underside lies higher at the middle of its beam than the beam’s top: it rests on the downhill edge, or its seat’s uphill
     * end comes down to it.
     */
    public function lift(float $rise, ?SeatCut $seat): float
    {
        return abs($rise) * $this->liftEach($seat !== null);
    }

    /** Whether rafters are cut to sit on it. */
    public function isSeated(): bool
    {
        return $this->joist?->joinery->seat?->isPositive() ?? false;
    }

    /** The same for each mm of rise over run. */
    public function liftEach(bool $isSeated): float
    {
        return $this->wide() / 2 - ($isSeated ? $this->seatWide() : 0.0);
    }

    /** All plies of a beam together, what lies between them with them. */
    public function wide(): float
    {
        $edges = array_map(fn (int $ply) => $this->beside($ply, 1), range(0, $this->plies - 1));

        return $this->thick > 0.0 ? max($edges) - min($edges) + $this->thick : 0.0;
    }

    public function seatWide(): float
    {
        return $this->joist?->joinery->seat?->inMillimetres() ?? 0.0;
    }

    /** How far the middle of all plies lies beside the middle of their posts. */
    public function middle(int $outward): float
    {
        return array_sum(array_map(fn (int $ply) => $this->beside($ply, $outward), range(0, $this->plies - 1))) / $this->plies;
    }

    /**
     * The middle of a ply beside the middle of its posts.
     *
     * @param  int  $ply  from 0
     * @param  int  $outward  1 where the outer side of the line is the one that is counted to, −1 where it is the other
     */
    public function beside(int $ply, int $outward): float
    {
        $half = $this->post->inMillimetres() / 2;

        return match ($this->seating) {
            Seating::OnTop, Seating::InCap => ($ply - ($this->plies - 1) / 2) * $this->thick,
            Seating::InNotch => $outward * ($half - ($ply + 0.5) * $this->thick),
            Seating::OnSides => ($ply % 2 === 0 ? 1 : -1) * $outward * ($half + (intdiv($ply, 2) + 0.5) * $this->thick),
        };
    }

    /** Whether the beams are fixed to the posts’ faces. */
    public function isOnFaces(): bool
    {
        return $this->seating === Seating::OnSides || $this->seating === Seating::InNotch;
    }

    /** Of the post beside its notch. */
    public function left(): Length
    {
        return $this->post->minus($this->notchDeep);
    }

    /** Whether the notch leaves less of the post than is usual. */
    public function leavesLittle(): bool
    {
        return $this->notchDeep->isPositive() && $this->left()->inMillimetres() < $this->post->inMillimetres() * self::SHARE_LEFT - 1e-6;
    }
}
