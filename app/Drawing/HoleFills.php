<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Measure\Length;
use Aequus\Plan\Holding\Layer;
use Aequus\Plan\Holding\LayerPlace;
use Aequus\Plan\Holding\LayerTime;
use Aequus\Plan\Holding\Material;
use App\Drawing\Drawn\DrawnFill;

/** What lies in one hole of a section, layer by layer, and the timber that stands in it or on it. All in drawing units; y grows downward. */
final readonly class HoleFills
{
    /** How high the base of a post on a pier is drawn. */
    private const BASE = 4.0;

    /** @var list<DrawnFill> from the back */
    public array $fills;

    public DrawnFill $timber;

    /**
     * @param  list<Layer>  $layers
     * @param  callable(Length): float  $y  of a height above the bottom of the hole
     * @param  float  $footY  where the post ends that stands in the hole
     * @param  float  $half  half the width of the hole
     * @param  float  $tubeHalf  half the width of a form tube
     */
    public function __construct(array $layers, callable $y, float $footY, float $x, float $half, float $postHalf, float $tubeHalf)
    {
        $fills = [];
        foreach ($layers as $layer) {
            [$material, $wide] = match (true) {
                $layer->place === LayerPlace::Tube => ['tube', min($half, $tubeHalf)],
                $layer->place === LayerPlace::Mound => [$layer->material->value, ($half + $postHalf) / 2],
                $layer->time === LayerTime::First && $layer->material === Material::Concrete => ['pad', $half * .85],
                $layer->material === Material::Block => ['block', $half * .85],
                default => [$layer->material->value, $half],
            };
            $fills[] = DrawnFill::about($material, $x, $wide, $y($layer->to), $y($layer->from));
        }
        $pier = array_values(array_filter($layers, fn (Layer $layer) => $layer->place === LayerPlace::Tube))[0] ?? null;
        $this->fills = $pier === null ? $fills : [
            ...$fills, DrawnFill::about('base', $x, $postHalf * 1.1, $y($pier->to) - self::BASE, $y($pier->to)),
        ];
        $this->timber = DrawnFill::about('timber', $x, $postHalf, 0.0, $pier === null ? $footY : $y($pier->to) - self::BASE);
    }
}
