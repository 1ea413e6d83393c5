<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Adjust\GrossErrors\Mistakes;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;

/**
 * Tapes at the tops and at the ground in one network, joined by the leans: a top is its stake and its slope times its height. Says where each top
 * stands, which is out, which reading is wrong, and along which diagonal a strap pulls.
 */
final readonly class TopNetwork
{
    /** Standard deviation of a tape held at arm’s length over two tops, mm. */
    public const TAPE = 2.0;

    /** @var array<string, Vector> where each top stands, in mm */
    public array $tops;

    /** @var list<string> tops that must move, by name */
    public array $out;

    public Mistakes $mistakes;

    /** Of the outline’s four corners; null where a corner is missing or the two diagonals agree. */
    public ?Strap $strap;

    /** How far that strap shortens, over the height of the tops: what the posts are sprung by. */
    public float $sprung;

    /**
     * @param  non-empty-list<Station>  $design
     * @param  Network  $network  of ground and top readings, the tops’ leans among them
     * @param  array<string, TopLean>  $leans  by name, every station
     * @param  list<string>  $corners  of the outline, going round; four where all stand
     * @param  float  $height  of the lowest top above what it turns about, mm
     *
     * @throws NotDetermined when the readings leave a stake free
     */
    public function __construct(array $design, Network $network, array $leans, array $corners, float $height, Allowed $allowed)
    {
        [$this->mistakes, $stakes] = Mistakes::search(fn (array $without) => $network->without($without)->adjust());
        $frame = new TopSquare($design, $stakes, $leans);
        [$this->tops, $this->out] = [$frame->tops, $frame->cornersOut($allowed)];
        $places = [];
        foreach ($design as $station) {
            $places[$station->name] = $station->design;
        }
        $this->strap = count($corners) === 4 && array_diff($corners, array_map(strval(...), array_keys($this->tops))) === []
            ? self::strap($corners, $places, $this->tops, $allowed->tolerance) : null;
        $this->sprung = $this->strap === null ? 0.0 : $this->strap->shortenBy->inMillimetres() / M_SQRT2 / max(1.0, $height);
    }

    /**
     * @param  list<string>  $corners
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $tops
     */
    private static function strap(array $corners, array $design, array $tops, float $tolerance): ?Strap
    {
        $apart = function (array $at, int $one, int $other) use ($corners): Length {
            /** @var array<string, Vector> $at */
            return Length::millimetres($at[$corners[$one]]->minus($at[$corners[$other]])->length());
        };
        [$ac, $bd] = [$apart($tops, 0, 2), $apart($tops, 1, 3)];

        return $ac->minus($bd)->magnitude()->isLongerThan(Length::millimetres($tolerance))
            ? Strap::across($apart($design, 0, 1), $apart($design, 1, 2), $ac, $bd) : null;
    }
}
