<?php

declare(strict_types=1);

namespace Aequus\Thing\Socket;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** How deep a rotted post can be emptied out of its socket: to where the first probe meets sound timber. */
final readonly class Probes
{
    public Length $depth;

    /** Where the probe went in that stopped first. */
    public string $governing;

    /**
     * @param  list<array{string, ?Length}>  $probes  where, and how deep it stopped; null where it went to the bottom
     *
     * @throws ThingRefused when nothing was probed, or deeper than the socket
     */
    public function __construct(Length $socket, array $probes)
    {
        if ($probes === []) {
            throw ThingRefused::nothingProbed();
        }
        [$governing, $depth] = [$probes[0][0], $probes[0][1] ?? $socket];
        foreach ($probes as [$place, $stop]) {
            if ($stop?->isLongerThan($socket)) {
                throw ThingRefused::probeBelowTheSocket($place);
            }
            if (($stop ?? $socket)->isShorterThan($depth)) {
                [$governing, $depth] = [$place, $stop ?? $socket];
            }
        }
        [$this->governing, $this->depth] = [$governing, $depth];
    }

    /** How much is missing to the depth a post needs; zero where the socket may be kept. */
    public function shortBy(Length $required): Length
    {
        return $required->isLongerThan($this->depth) ? $required->minus($this->depth) : Length::zero();
    }

    /** The depth reached as a share of the depth needed. */
    public function share(Length $required): float
    {
        return $this->depth->nanometres / max(1, $required->nanometres);
    }
}
