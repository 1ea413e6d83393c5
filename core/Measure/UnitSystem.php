<?php

declare(strict_types=1);

namespace Aequus\Measure;

/**
 * A row of the table in Unit: goods as they are sold, figures where nobody typed one, how lengths are written, and what a price or a volume is told
 * in. A metric job has metric goods, never converted inches.
 */
final readonly class UnitSystem
{
    /**
     * @param  bool  $isMetric  whether goods, loads, weather and temperatures are metric
     * @param  bool  $isDivided  whether lengths are written in feet, inches and parts of them; else as decimal figures
     * @param  string  $sign  behind a figure that is not divided
     * @param  non-empty-array<string, int>  $notations  that are offered, by their code: into how many parts an inch is divided, or decimals
     * @param  Length  $hand  how near rough stakes stand, how far above the ground wood is treated, and what is told apart by eye
     * @param  Length  $spiritLevel  most people hold on a post
     * @param  Length  $board  straight, for hopping from post to post
     * @param  Length  $farRod  from the level, where nobody measured it
     * @param  Length  $run  over which a fall is told
     * @param  Length  $timberStep  by which posts are sold
     * @param  Length  $joist  thickness of a joist or rafter
     * @param  Length  $centres  of joists and rafters
     * @param  Length  $squareStep  by which a right angle of whole numbers grows
     * @param  Length  $slack  of a hole round a post that is moved
     * @param  Length  $planeStep  by which the plane of the feet is tried
     * @param  Length  $turf  how far below the ground a fill ends that stops below it
     * @param  Length  $mound  how far above the ground a fill ends that sheds water
     * @param  array{Length, Length, Length, Length}  $pier  tube, standoff, base, distance to the edge
     * @param  float  $bag  of dry mix, in the system's own mass
     * @param  float  $smallestBag  that is usual
     * @param  array{post: float, concrete: float, digging: float, lengths: float}  $prices  by length, by volume, by volume, each
     * @param  float  $perVolume  mm³ in the volume by which earth and concrete are sold
     * @param  float  $perLength  mm in the length by which posts are priced
     * @param  array{joinery: Length, framing: Length, building: Length, fence: Length}  $tolerances  how far a stake may stand from its place, by class
     * @param  array<string, string>  $goods  with which a plan form begins, by its fields
     * @param  array{sold: string, tubes: string, lying: string, widths: string, holes: string, bays: string, row: string, gate: string, line: string}  $examples  of what may be typed in a field, by what it takes
     * @param  bool  $wholeFigures  whether lengths are typed as whole numbers, so that a digit can be one too many
     * @param  string  $gap  a small amount as it is called, such as a gap at a level
     * @param  string  $keys  which keys a field brings up on a phone
     * @param  string  $paper  that sheets are printed on
     * @param  float  $one  mm in a figure without a unit
     * @param  string  $water  in which water and what is brushed on is told
     * @param  float  $litres  in one of that
     * @param  float  $perLittle  mm³ in the volume by which one hole’s worth is told
     */
    public function __construct(
        public bool $isMetric,
        public bool $isDivided,
        public string $sign,
        public array $notations,
        public Length $hand,
        public Length $spiritLevel,
        public Length $board,
        public Length $farRod,
        public Length $run,
        public Length $fallOver,
        public Length $longTape,
        public Length $timberStep,
        public Length $joist,
        /** Lost at every cut of a saw. */
        public Length $kerf,
        public Length $centres,
        public Length $squareStep,
        public Length $slack,
        public Length $planeStep,
        public Length $collar,
        /** Board of a form round the top of a pour, thick. */
        public Length $formBoard,
        public Length $turf,
        public Length $mound,
        public Length $pierHeight,
        public array $pier,
        public float $bag,
        public float $smallestBag,
        public array $prices,
        public float $perVolume,
        public float $perLength,
        public float $perLittle,
        public int $littleDecimals,
        public string $mass,
        public string $volume,
        public string $little,
        public string $water,
        public float $litres,
        public array $tolerances,
        public array $goods,
        public array $examples,
        public bool $wholeFigures,
        public string $gap,
        public string $keys,
        public string $paper,
        public float $one,
        public float $far,
        public string $farName,
    ) {
    }

    /** The run as it is called. */
    public function runName(): string
    {
        return $this->roundly($this->run);
    }

    /** The run as a figure without a unit. */
    public function runFigure(): float
    {
        return $this->run->inMillimetres() / $this->one;
    }

    /** A long length in round figures, as “15 m” or “50 ft”. */
    public function roundly(Length $length): string
    {
        return round($length->inMillimetres() / $this->far)." {$this->farName}";
    }

    /**
     * Whichever of two goes with the goods of this system.
     *
     * @template T
     *
     * @param  T  $metric
     * @param  T  $imperial
     * @return T
     */
    public function pick(mixed $metric, mixed $imperial): mixed
    {
        return $this->isMetric ? $metric : $imperial;
    }

    /** A length in which goods of this system are sold: so many millimetres, or so many inches; never one converted to the other. */
    public function sold(float $millimetres, float $inches): Length
    {
        return $this->isMetric ? Length::millimetres($millimetres) : Length::inches($inches);
    }
}
