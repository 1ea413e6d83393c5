<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Holes\HoleWidth;
use Aequus\Footing\Loads\Bearing;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Footing\Soil;
use Aequus\Site\SiteState;
use App\View\QueryForm;

/** How wide the holes must be, from load, soil, cover, slack and augers asked in the address. The shape is put in force by its own button. */
final readonly class WidthForm
{
    public LoadNotation $in;

    public Length $cover;

    public Length $slack;

    /** lb on the heaviest post; zero where nothing was typed. */
    public float $load;

    public Soil $soil;

    /** What that load asks of the soil. */
    public Bearing $bearing;

    /** Null while a field is refused. */
    public ?HoleWidth $width;

    /** Side of a square hole that makes the same room. */
    public Length $square;

    /** As planned: square, round, or round with a bell. */
    public string $shape;

    public function __construct(public QueryForm $sums, private SiteState $site)
    {
        $plan = $site->plan;
        $this->shape = $plan->hole->isSquare ? 'square' : ($plan->hole->bellWidth === null ? 'round' : 'bell');
        $usual = $plan->notation->system()->slack;
        $this->cover = ($sums->lengths(['cover']) ?? [$plan->layout->cover])[0];
        $this->slack = ($sums->lengths(['slack']) ?? [$usual])[0];
        $this->in = new LoadNotation($plan->notation->unit);
        $this->load = $this->in->readForce($sums->number('load', 0, 200_000) ?? 0.0);
        $this->soil = Soil::tryFrom($sums->typed('soil')) ?? $plan->holding->site->soil ?? Soil::Clay;
        $this->bearing = Bearing::on($this->load, $this->soil);
        $augers = $sums->attempt('augers', fn () => array_map(
            fn (string $typed) => LengthReader::read($typed, $plan->notation->unit), preg_split(
                '/\s*(?:;|,\s)\s*/', $sums->typed('augers'), flags: PREG_SPLIT_NO_EMPTY,
            ) ?: [],
        )) ?? [];
        $this->width = $sums->refusals === [] ? new HoleWidth($plan->stoutest(), $this->cover, $this->slack, $this->bearing->roundDiameter, $augers)
            : null;
        $this->square = HoleWidth::square($plan->stoutest(), $this->cover, $this->slack);
    }

    /** Whether the holes planned are narrower than this asks. */
    public function isNarrow(): bool
    {
        $hole = $this->site->plan->hole;

        return $this->width !== null && $hole->foot()->isShorterThan($hole->isSquare ? $this->square : $this->width->foot);
    }
}
