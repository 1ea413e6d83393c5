<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;

/** A brace between post and beam, both ends mitred: at 45°, or between two points. */
final readonly class CornerBrace
{
    public Length $centreLine;

    /** The stock it is cut from. */
    public Length $longEdge;

    public Length $shortEdge;

    /** Along the beam, from the corner to its centre line, its long edge and its short one. */
    public Length $leg;

    public Length $legLong;

    public Length $legShort;

    /** Down the post, from the corner to its centre line and to its long edge. */
    public Length $down;

    public Length $downLong;

    /** Off the beam, degrees. */
    public float $angle;

    /** @throws FrameRefused when it fills its corner */
    private function __construct(float $leg, float $down, float $width)
    {
        if ($width <= 0.0 || $leg <= 0.0 || $down <= 0.0) {
            throw FrameRefused::because(FrameRefusal::FillsTheCorner);
        }
        $centre = hypot($leg, $down);
        // Each mitre lies along its timber: half the width over the tangent of the angle to it, on either side of the centre line.
        $mitres = $width / 2 * ($leg / $down + $down / $leg);
        if ($centre <= $mitres) {
            throw FrameRefused::because(FrameRefusal::FillsTheCorner);
        }
        [$this->centreLine, $this->longEdge, $this->shortEdge] = array_map(Length::millimetres(...), [$centre, $centre + $mitres, $centre - $mitres]);
        [$onBeam, $onPost] = [$width / 2 * $centre / $down, $width / 2 * $centre / $leg];
        [$this->leg, $this->legLong, $this->legShort] = array_map(Length::millimetres(...), [$leg, $leg + $onBeam, $leg - $onBeam]);
        [$this->down, $this->downLong] = [Length::millimetres($down), Length::millimetres($down + $onPost)];
        $this->angle = rad2deg(atan2($down, $leg));
    }

    /**
     * Its centre line so far along the beam and so far down the post.
     *
     * @throws FrameRefused when it fills its corner
     */
    public static function byPoints(Length $along, Length $down, Length $width): self
    {
        return new self($along->inMillimetres(), $down->inMillimetres(), $width->inMillimetres());
    }

    /**
     * As the braces of a layer are, both legs alike where one is said.
     *
     * @throws FrameRefused when it fills its corner
     */
    public static function ofLayer(Layer $layer): self
    {
        $along = $layer->apart ?? Length::zero();

        return self::byPoints($along, $layer->joinery->down ?? $along, $layer->thick);
    }

    /** @throws FrameRefused when it fills its corner */
    public static function toItsCentreLine(Length $leg, Length $width): self
    {
        return self::byPoints($leg, $leg, $width);
    }

    /** @throws FrameRefused when it fills its corner */
    public static function toItsLongEdge(Length $leg, Length $width): self
    {
        $centre = Length::millimetres($leg->inMillimetres() - $width->inMillimetres() * M_SQRT1_2);

        return self::byPoints($centre, $centre, $width);
    }
}
