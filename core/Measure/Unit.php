<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** What a number without a unit means in a job, and all that goes with it: the one table of units. */
enum Unit: string
{
    case Inch = 'in';
    case Millimetre = 'mm';

    private const CUBIC_FOOT = 304.8 ** 3;

    public function system(): UnitSystem
    {
        /** @var array<string, UnitSystem> $known asked for at every hole of a job */
        static $known = [];

        return $known[$this->value] ??= match ($this) {
            self::Millimetre => self::metric(),
            self::Inch => self::imperial(),
        };
    }

    private static function metric(): UnitSystem
    {
        $mm = Length::millimetres(...);

        return new UnitSystem(
            isMetric: true, isDivided: false, sign: 'mm', notations: ['mm' => 0, 'mm.1' => 1],
            hand: $mm(100), spiritLevel: $mm(1200), board: $mm(2400), farRod: $mm(15_000), run: $mm(1000), fallOver: $mm(1000), longTape: $mm(10_000),
            timberStep: $mm(600), joist: $mm(45), kerf: $mm(3), centres: $mm(600), squareStep: $mm(100), slack: $mm(25), planeStep: $mm(10),
            collar: $mm(300), formBoard: $mm(25), turf: $mm(50), mound: $mm(25), pierHeight: $mm(150),
            pier: [$mm(300), $mm(25), $mm(120), $mm(60)], bag: 25.0, smallestBag: 20.0,
            prices: ['post' => 12.0, 'concrete' => 240.0, 'digging' => 60.0, 'lengths' => 4.0],
            perVolume: 1e9, perLength: 1000.0, perLittle: 1e6, littleDecimals: 0, mass: 'kg', volume: 'm³', little: 'l', water: 'l', litres: 1.0,
            tolerances: ['joinery' => $mm(2), 'framing' => $mm(3), 'building' => $mm(6), 'fence' => $mm(25)],
            goods: [
                'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'hole' => '300', 'standing' => '2400', 'bays_x' => '2 x 2400',
                'bays_y' => '3000',
            ],
            examples: [
                'sold' => '2400 : 11.50; 3600 : 17.25; 4800 : 24.90', 'tubes' => '1200 : 14.50; 3000 : 31', 'lying' => '2 × 3700; 1450',
                'widths' => '90, 100, 125, 150', 'holes' => '150, 300, 450', 'bays' => '2400; 3 x 2700; 2300',
                'row' => '0 : 0; 4000 : 0; 4000 : 2500', 'gate' => '1 : 2400 : 1000 : 20', 'line' => '-4000 : 0; -4000 : 12000',
            ],
            wholeFigures: true, gap: '3', keys: 'decimal', paper: 'a4', one: 1.0, far: 1000.0, farName: 'm',
        );
    }

    private static function imperial(): UnitSystem
    {
        [$in, $ft] = [Length::inches(...), Length::feet(...)];

        return new UnitSystem(
            isMetric: false, isDivided: true, sign: 'in', notations: ['in16' => 16, 'in8' => 8, 'in4' => 4, 'in2' => 2, 'in32' => 32, 'in64' => 64],
            hand: $in(4), spiritLevel: $in(48), board: $ft(8), farRod: $ft(50), run: $ft(10), fallOver: $ft(1), longTape: $ft(30),
            timberStep: $ft(2), joist: $in(1.5), kerf: $in(0.125), centres: $in(24), squareStep: $ft(1), slack: $in(1), planeStep: $in(0.5),
            collar: $ft(1), formBoard: $in(1), turf: $in(2), mound: $in(1), pierHeight: $in(6),
            pier: [$in(12), $in(1), $in(4), $in(2.5)], bag: 80.0, smallestBag: 50.0,
            prices: ['post' => 3.5, 'concrete' => 190.0, 'digging' => 45.0, 'lengths' => 4.0],
            perVolume: 27 * self::CUBIC_FOOT, perLength: 304.8, perLittle: self::CUBIC_FOOT, littleDecimals: 1, mass: 'lb', volume: 'yd³',
            little: 'ft³', water: 'qt', litres: 0.946352946,
            tolerances: ['joinery' => $in(1 / 16), 'framing' => $in(1 / 8), 'building' => $in(1 / 4), 'fence' => $in(1)],
            goods: ['notation' => 'in16', 'post_shape' => 'nominal', 'standing' => "8'", 'bays_x' => "2 x 8'", 'bays_y' => "10'"],
            examples: [
                'sold' => "8' : 11.50; 12' : 17.25; 16' : 24.90", 'tubes' => "4' : 14.50; 12' : 36", 'lying' => "2 × 11' 2; 5'",
                'widths' => '3 1/2, 5 1/2, 7 1/4', 'holes' => '8, 12, 18', 'bays' => "8'; 3 x 9'; 7'",
                'row' => "0 : 0; 12' : 0; 12' : 8' 6", 'gate' => "1 : 8' : 36\" : 3/4\"", 'line' => "-12' : 0; -12' : 40'",
            ],
            wholeFigures: false, gap: '1/8', keys: 'text', paper: 'letter', one: 25.4, far: 304.8, farName: 'ft',
        );
    }
}
