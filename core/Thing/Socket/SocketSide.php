<?php

declare(strict_types=1);

namespace Aequus\Thing\Socket;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** One side of a socket over all depths: what a plumb post has of it, and where the socket itself leans. */
final readonly class SocketSide
{
    /** What is clear for a plumb post. */
    public Length $clear;

    /** The reading whose minus face comes nearest. */
    public SocketReading $governsMinus;

    public SocketReading $governsPlus;

    /** Whether it was read from a plumb line, so that its lean is known. */
    public bool $isLeanKnown;

    /** How far that face runs toward plus per depth, from the uppermost to the deepest reading; null with one depth or widths only. */
    public ?float $slopeMinus;

    public ?float $slopePlus;

    /** Where the post’s middle shall stand, from the plumb line toward plus. */
    public Length $place;

    /**
     * @param  string  $name  what the side is called
     * @param  list<SocketReading>  $readings
     * @param  ?Length  $asked  where the middle shall stand; null for the middle of what is clear
     *
     * @throws ThingRefused
     */
    public function __construct(public string $name, array $readings, ?Length $asked)
    {
        if ($readings === []) {
            throw ThingRefused::nothingRead();
        }
        usort($readings, fn (SocketReading $one, SocketReading $other) => $one->depth->nanometres <=> $other->depth->nanometres);
        [$minus, $plus] = [$readings[0], $readings[0]];
        foreach ($readings as $i => $reading) {
            if ($reading->isFromPlumbLine !== $readings[0]->isFromPlumbLine) {
                throw ThingRefused::readInTwoManners($name);
            }
            if ($i > 0 && $reading->depth->equals($readings[$i - 1]->depth)) {
                throw ThingRefused::twoReadingsAtOneDepth($reading->depth);
            }
            $minus = $reading->minus->isShorterThan($minus->minus) ? $reading : $minus;
            $plus = $reading->plus->isShorterThan($plus->plus) ? $reading : $plus;
        }
        [$this->governsMinus, $this->governsPlus, $this->isLeanKnown] = [$minus, $plus, $readings[0]->isFromPlumbLine];
        $this->clear = $minus->minus->plus($plus->plus);
        [$first, $last] = [$readings[0], $readings[count($readings) - 1]];
        $over = $last->depth->minus($first->depth)->nanometres;
        $known = $this->isLeanKnown && $over > 0;
        $this->slopeMinus = $known ? $first->minus->minus($last->minus)->nanometres / $over : null;
        $this->slopePlus = $known ? $last->plus->minus($first->plus)->nanometres / $over : null;
        if ($asked !== null && ! $this->isLeanKnown) {
            throw ThingRefused::placeNeedsAPlumbLine($name);
        }
        $this->place = $asked ?? $plus->plus->minus($minus->minus)->half();
    }

    /** From where the middle stands to what its minus face leaves, and to what its plus face leaves. */
    public function roomMinus(): Length
    {
        return $this->governsMinus->minus->plus($this->place);
    }

    public function roomPlus(): Length
    {
        return $this->governsPlus->plus->minus($this->place);
    }
}
