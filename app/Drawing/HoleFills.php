<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Plan\Holding\Hold;
use App\Drawing\Drawn\DrawnFill;

/** What stands and lies in one hole of a section, each way of holding drawn as itself. All in drawing units; y grows downward. */
final readonly class HoleFills
{
    /** @var list<DrawnFill> from the back */
    public array $fills;

    public DrawnFill $timber;

    /**
     * @param  float  $collar  height of a collar
     * @param  float  $tubeHalf  half the width of a form tube
     * @param  float  $pierTop  where a pier ends
     */
    public function __construct(Hold $hold, float $x, float $half, float $postHalf, float $groundY, float $bottomY, float $padY, float $footY, float $collar, float $tubeHalf, float $pierTop)
    {
        $round = fn (string $material, float $top, float $bottom): DrawnFill => DrawnFill::about($material, $x, $half, $top, $bottom);
        $under = [$round('gravel', $padY, $bottomY), DrawnFill::about('pad', $x, $half * .85, $footY, $padY)];
        $collarFrom = min($footY, $groundY + $collar);
        $this->fills = match ($hold) {
            Hold::Concrete => [$under[0], $round('concrete', $groundY, $padY)],
            Hold::Collar => [...$under, $round('earth', $collarFrom, $footY), $round('concrete', $groundY, $collarFrom)],
            Hold::Gravel => [...$under, $round('gravel', $groundY, $footY)],
            Hold::Earth => [...$under, $round('earth', $groundY, $footY)],
            Hold::Foam => [...$under, $round('foam', $groundY, $footY)],
            Hold::Pier => [$under[0], $round('earth', $groundY, $padY), DrawnFill::about('tube', $x, min($half, $tubeHalf), $pierTop, $padY), DrawnFill::about('base', $x, $postHalf * 1.1, $pierTop - 4, $pierTop)],
            Hold::Driven => [],
        };
        $this->timber = DrawnFill::about('timber', $x, $postHalf, 0.0, $hold === Hold::Pier ? $pierTop - 4 : $footY);
    }
}
