<?php

declare(strict_types=1);

namespace Aequus\Thing\Place;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** A road, floor or court that a height is counted from: level, or falling between two places where it was read. */
final readonly class Surface
{
    private function __construct(private Length $from, private Length $height, private ?Length $to = null, private ?Length $heightThere = null)
    {
    }

    public static function level(Length $height): self
    {
        return new self(Length::zero(), $height);
    }

    /** Read at two places apart from each other, in any order. */
    public static function between(Length $from, Length $height, Length $to, Length $heightThere): self
    {
        return new self($from, $height, $to, $heightThere);
    }

    /** @throws ThingRefused when the place lies beyond the two that were read */
    public function at(Length $place): Length
    {
        if ($this->to === null || $this->heightThere === null) {
            return $this->height;
        }
        $share = $place->minus($this->from)->nanometres / $this->to->minus($this->from)->nanometres;
        if ($share < 0.0 || $share > 1.0) {
            throw ThingRefused::beyondTheHeightsRead();
        }

        return $this->height->plus($this->heightThere->minus($this->height)->times($share));
    }
}
