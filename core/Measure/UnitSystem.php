<?php

declare(strict_types=1);

namespace Aequus\Measure;

/**
 * What goes with a unit: goods as they are sold, figures where nobody typed one, and what a price or a volume is told in. The one table of it; a
 * metric job has metric goods, never converted inches.
 */
final readonly class UnitSystem
{
    private const CUBIC_FOOT = 304.8 ** 3;

    /**
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
     * @param  bool  $wholeFigures  whether lengths are typed as whole numbers, so that a digit can be one too many
     * @param  string  $gap  a small amount as it is called, such as a gap at a level
     * @param  string  $keys  which keys a field brings up on a phone
     * @param  string  $paper  that sheets are printed on
     * @param  float  $one  mm in a figure without a unit
     * @param  string  $water  in which water and what is brushed on is told
     * @param  float  $litres  in one of that
     * @param  float  $perLittle  mm³ in the volume by which one hole’s worth is told
     */
    private function __construct(
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
        public bool $wholeFigures,
        public string $gap,
        public string $keys,
        public string $paper,
        public float $one,
        public float $far,
        public string $farName,
    ) {
    }

    public static function of(Unit $unit): self
    {
        /** @var array<string, self> $known asked for at every hole of a job */
        static $known = [];

        return $known[$unit->value] ??= match ($unit) {
            Unit::Millimetre => self::metric(),
            Unit::Inch => self::imperial(),
        };
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

    private static function metric(): self
    {
        $mm = Length::millimetres(...);

        return new self(
            hand: $mm(100), spiritLevel: $mm(1200), board: $mm(2400), farRod: $mm(15_000), run: $mm(1000), fallOver: $mm(1000), longTape: $mm(10_000),
            timberStep: $mm(600), joist: $mm(45), kerf: $mm(3), centres: $mm(600), squareStep: $mm(100), slack: $mm(25), planeStep: $mm(10), collar: $mm(300), formBoard: $mm(25), turf: $mm(50), mound: $mm(25), pierHeight: $mm(150),
            pier: [$mm(300), $mm(25), $mm(120), $mm(60)], bag: 25.0, smallestBag: 20.0,
            prices: ['post' => 12.0, 'concrete' => 240.0, 'digging' => 60.0, 'lengths' => 4.0],
            perVolume: 1e9, perLength: 1000.0, perLittle: 1e6, littleDecimals: 0, mass: 'kg', volume: 'm³', little: 'l', water: 'l', litres: 1.0,
            tolerances: ['joinery' => $mm(2), 'framing' => $mm(3), 'building' => $mm(6), 'fence' => $mm(25)],
            goods: [
                'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'hole' => '300', 'standing' => '2400', 'bays_x' => '2 x 2400',
                'bays_y' => '3000',
            ],
            wholeFigures: true, gap: '3', keys: 'decimal', paper: 'a4', one: 1.0, far: 1000.0, farName: 'm',
        );
    }

    private static function imperial(): self
    {
        [$in, $ft] = [Length::inches(...), Length::feet(...)];

        return new self(
            hand: $in(4), spiritLevel: $in(48), board: $ft(8), farRod: $ft(50), run: $ft(10), fallOver: $ft(1), longTape: $ft(30),
            timberStep: $ft(2), joist: $in(1.5), kerf: $in(0.125), centres: $in(24), squareStep: $ft(1), slack: $in(1), planeStep: $in(0.5), collar: $ft(1), formBoard: $in(1), turf: $in(2), mound: $in(1), pierHeight: $in(6),
            pier: [$in(12), $in(1), $in(4), $in(2.5)], bag: 80.0, smallestBag: 50.0,
            prices: ['post' => 3.5, 'concrete' => 190.0, 'digging' => 45.0, 'lengths' => 4.0],
            perVolume: 27 * self::CUBIC_FOOT, perLength: 304.8, perLittle: self::CUBIC_FOOT, littleDecimals: 1, mass: 'lb', volume: 'yd³', little: 'ft³', water: 'qt', litres: 0.946352946,
            tolerances: ['joinery' => $in(1 / 16), 'framing' => $in(1 / 8), 'building' => $in(1 / 4), 'fence' => $in(1)],
            goods: ['notation' => 'in16', 'post_shape' => 'nominal', 'standing' => "8'", 'bays_x' => "2 x 8'", 'bays_y' => "10'"],
            wholeFigures: false, gap: '1/8', keys: 'text', paper: 'letter', one: 25.4, far: 304.8, farName: 'ft',
        );
    }
}
