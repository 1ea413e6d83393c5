<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Plan\Footing\Soil;

/** What of a site speaks for one way of holding posts or against it. */
final readonly class HoldingSite
{
    /**
     * @param  bool  $water  stands or comes into the holes
     * @param  bool  $roof  the posts carry a roof: it bears down, and wind lifts it
     * @param  bool  $wood  the posts are of wood that can rot
     * @param  bool  $noBrace  nothing but the ground keeps the frame upright
     * @param  bool  $repair  a post shall be replaceable one day
     * @param  bool  $carried  bags and water are carried in by hand
     * @param  list<Hold>  $banned  by the local office or the owner
     * @param  bool  $holdDown  a cleat, collar or screws near each foot are named, against a roof that lifts
     * @param  bool  $floor  the posts carry a floor that people stand on
     */
    public function __construct(
        public Soil $soil,
        public bool $water = false,
        public bool $roof = false,
        public bool $wood = true,
        public bool $noBrace = true,
        public bool $repair = false,
        public bool $carried = false,
        public array $banned = [],
        public bool $holdDown = false,
        public bool $floor = false,
    ) {
    }

    public function onSoil(Soil $soil): self
    {
        return new self(
            $soil, $this->water, $this->roof, $this->wood, $this->noBrace, $this->repair, $this->carried, $this->banned, $this->holdDown,
            $this->floor,
        );
    }

    public function carriesWeight(): bool
    {
        return $this->roof || $this->floor;
    }
}
