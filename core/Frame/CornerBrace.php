<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/** A brace at 45° between post and beam, both ends mitred. */
final readonly class CornerBrace
{
    public Length $centreLine;

    /** The stock it is cut from. */
    public Length $longEdge;

    public Length $shortEdge;

    /** Along post and beam, from their corner to its centre line. */
    public Length $leg;

    public Length $legLong;

    public Length $legShort;

    /** @throws FrameRefused when it fills its corner */
    private function __construct(float $leg, float $width)
    {
        $centre = $leg * M_SQRT2;
        if ($width <= 0.0 || $centre <= $width) {
            throw FrameRefused::because(FrameRefusal::FillsTheCorner);
        }
        [$this->centreLine, $this->longEdge, $this->shortEdge] = array_map(Length::millimetres(...), [$centre, $centre + $width, $centre - $width]);
        [$this->leg, $this->legLong, $this->legShort] = array_map(Length::millimetres(...), [$leg, $leg + $width * M_SQRT1_2, $leg - $width * M_SQRT1_2]);
    }

    /** @throws FrameRefused when it fills its corner */
    public static function toItsCentreLine(Length $leg, Length $width): self
    {
        return new self($leg->inMillimetres(), $width->inMillimetres());
    }

    /** @throws FrameRefused when it fills its corner */
    public static function toItsLongEdge(Length $leg, Length $width): self
    {
        return new self($leg->inMillimetres() - $width->inMillimetres() * M_SQRT1_2, $width->inMillimetres());
    }
}
