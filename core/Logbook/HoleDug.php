<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;
use Aequus\Plan\Soil;

/** How deep a hole is, from today’s ground to its clean bottom, and what it met. */
final readonly class HoleDug implements Payload
{
    /**
     * @param  ?Length  $width  where it came out other than planned
     * @param  list<SoilLayer>  $soils  from the top down, where somebody looked; the last is the one at the foot
     *
     * @throws EntryRefused when the depth or the width is not above zero, or layers do not go down within the hole
     */
    public function __construct(public PostId $post, public Length $depth, public ?Length $width = null, public ?Finding $found = null, public array $soils = [])
    {
        if ($width !== null && ! $width->isPositive()) {
            throw EntryRefused::widthNotPositive();
        }
        if (! $depth->isPositive()) {
            throw EntryRefused::depthNotPositive();
        }
        $above = Length::zero();
        foreach ($soils as $layer) {
            if (! $layer->to->isLongerThan($above) || $layer->to->isLongerThan($depth)) {
                throw EntryRefused::layersOutOfOrder();
            }
            $above = $layer->to;
        }
    }

    public function soilAtTheFoot(): ?Soil
    {
        return $this->soils === [] ? null : $this->soils[count($this->soils) - 1]->soil;
    }

    public function kind(): EntryKind
    {
        return EntryKind::Hole;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
