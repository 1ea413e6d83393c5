<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Logbook\Set\PlumbReading;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Drawing\Drawn\DrawnTop;
use App\Drawing\Drawn\DrawnVial;

/** The two vials of a post, as its readings leave the bubbles. */
final readonly class LeanDrawing
{
    /** A lean of 1 in 100 brings the bubble to the end of the glass. */
    private const GLASS = 0.01;

    /** @var list<DrawnVial> */
    public array $vials;

    /** Null until a face was read. */
    public ?DrawnTop $fromAbove;

    public function __construct(SiteState $site, Post $post)
    {
        $stands = $site->standing($post);
        $limit = 1 / $site->plan->tolerances->plumbOneIn;
        $names = $site->plan->sidesOf($post->id);
        $vial = function (bool $alongX) use ($stands, $names, $limit): DrawnVial {
            $reading = null;
            foreach ($stands->byFace as $read) {
                $reading = $read->leansToward->isAlongX() === $alongX ? $read : $reading;
            }
            $slope = $alongX ? $stands->own->slopeX : $stands->own->slopeY;
            $face = $reading->face ?? ($alongX ? Side::PlusX : Side::MinusY);
            // The bubble rises to the high side: away from where the top goes.
            $offset = max(-1.0, min(1.0, -$slope / self::GLASS));
            [$left, $right] = $alongX ? [Side::MinusX, Side::PlusX] : [Side::MinusY, Side::PlusY];

            return new DrawnVial(
                $names->nameOf($face), $names->nameOf($left), $names->nameOf($right),
                $reading instanceof PlumbReading, $offset, self::within(abs($slope), $stands->lean->sigma, $limit), $slope === 0.0 ? ''
                    : $names->nameOf($slope < 0 ? $left : $right),
                $reading?->lean,
            );
        };
        $this->vials = [$vial(true), $vial(false)];
        $this->fromAbove = $stands->lean->isUnread() ? null : DrawnTop::of($stands, $site->plan);
    }

    /** Null where what was read is too rough to tell. */
    private static function within(float $slope, float $sigma, float $limit): ?bool
    {
        return match (true) {
            $slope > $limit => false,
            $slope + 2 * $sigma <= $limit => true,
            default => null,
        };
    }
}
