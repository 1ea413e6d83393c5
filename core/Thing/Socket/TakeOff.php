<?php

declare(strict_types=1);

namespace Aequus\Thing\Socket;

use Aequus\Measure\Length;

/** What comes off each face of a new post so that it goes into an old socket one way round; below zero a wedge so thick goes in. */
final readonly class TakeOff
{
    private function __construct(
        public bool $isTurned,
        public Length $aMinus,
        public Length $aPlus,
        public Length $bMinus,
        public Length $bPlus,
        /** What is left of the post across side a where it is planed. */
        public Length $planedA,
        public Length $planedB,
    ) {
    }

    /** @param  Length  $clearance  on each side, for mortar or drying */
    public static function of(SocketSide $a, SocketSide $b, Length $intoA, Length $intoB, Length $clearance, bool $isTurned): self
    {
        $off = fn (Length $post, Length $room): Length => $post->half()->plus($clearance)->minus($room);
        $faces = [$off($intoA, $a->roomMinus()), $off($intoA, $a->roomPlus()), $off($intoB, $b->roomMinus()), $off($intoB, $b->roomPlus())];
        $planed = fn (Length $post, Length ...$off): Length => array_reduce(
            $off, fn (Length $left, Length $one) => $one->isPositive() ? $left->minus($one) : $left, $post,
        );

        return new self($isTurned, ...$faces, planedA: $planed($intoA, $faces[0], $faces[1]), planedB: $planed($intoB, $faces[2], $faces[3]));
    }

    /** @return array{Length, Length, Length, Length} faces a−, a+, b−, b+ */
    public function faces(): array
    {
        return [$this->aMinus, $this->aPlus, $this->bMinus, $this->bPlus];
    }

    /** The least sum of what is planed off, then the smaller largest; else the other stays. */
    public function isBetterThan(self $other): bool
    {
        return [$this->planed(), $this->largest()] < [$other->planed(), $other->largest()];
    }

    private function planed(): int
    {
        return array_sum(array_map(fn (Length $off) => max(0, $off->nanometres), $this->faces()));
    }

    private function largest(): int
    {
        return max(array_map(fn (Length $off) => $off->nanometres, $this->faces()));
    }
}
