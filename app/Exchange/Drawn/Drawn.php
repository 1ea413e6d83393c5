<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

/** What a drawing says, and what of it was not understood. */
final readonly class Drawn
{
    /** No site has more things on it, and none of them more corners. */
    public const MOST = 5000;

    /**
     * @param  list<Shape>  $shapes
     * @param  ?float  $unit  mm of one of its units; null where it does not say
     * @param  array<string, int>  $left  how many of what was not understood, by what the file calls it
     * @param  bool  $isWorld  whether its places are east and north
     * @param  ?DrawnRefusal  $refused  why nothing could be read; null where something was
     */
    public function __construct(
        public array $shapes, public ?float $unit = null, public array $left = [], public bool $isWorld = false, public ?DrawnRefusal $refused = null,
    ) {
    }

    public static function refused(DrawnRefusal $why): self
    {
        return new self([], refused: $why);
    }

    /** @return array<string, list<Shape>> by layer, in the order of the drawing */
    public function layers(): array
    {
        $layers = [];
        foreach ($this->shapes as $shape) {
            $layers[$shape->layer][] = $shape;
        }

        return $layers;
    }
}
