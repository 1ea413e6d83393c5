<?php

declare(strict_types=1);

namespace Aequus\Adjust\Levels;

/** Something read that says how heights stand to each other: a sum of heights and instruments, each taken so many times. Millimetres. */
final readonly class LevelReading
{
    /** @param  array<string, float>  $parts  how often each height, set-up or level’s own error is taken */
    private function __construct(
        public string $id,
        public array $parts,
        public float $observed,
        public float $sigma,
        public bool $isRod = false,
    ) {
    }

    /** A rod on a point, read from a set-up: height of instrument less height of the point. */
    public static function rod(string $id, string $setUp, string $point, float $rod, float $sigma): self
    {
        return new self($id, [$setUp => 1.0, $point => -1.0], $rod, $sigma, true);
    }

    /** A difference of height as it was read, second less first: a water level, or a line level once its sag is taken out. */
    public static function difference(string $id, string $from, string $to, float $read, float $sigma): self
    {
        return new self($id, [$from => -1.0, $to => 1.0], $read, $sigma);
    }

    /** One hop with a spirit level on a board: the level’s own error, per length, counts one way round and against it when turned. */
    public static function hop(string $id, string $from, string $to, float $read, float $board, string $level, int $way, float $sigma): self
    {
        return new self($id, [$from => -1.0, $to => 1.0, $level => $board * $way], $read, $sigma);
    }

    /** The point a rod stood on; null for anything else. */
    public function rodPoint(): ?string
    {
        return $this->isRod ? (string) array_search(-1.0, $this->parts, true) : null;
    }

    /** Whether it joins these two points directly. */
    public function joins(string $one, string $other): bool
    {
        return ! $this->isRod && isset($this->parts[$one], $this->parts[$other]);
    }
}
