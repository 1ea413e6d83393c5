<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;

/** A straight line on a drawing, with a class that says what it is and, where wanted, a typeset label. */
final readonly class DrawnLine
{
    public function __construct(
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public string $class,
        public string $label = '',
    ) {
    }

    public function labelX(): float
    {
        return round(0.62 * $this->x1 + 0.38 * $this->x2 + 11 * $this->asideX(), 1);
    }

    public function labelY(): float
    {
        return round(0.62 * $this->y1 + 0.38 * $this->y2 + 11 * $this->asideY() + ($this->anchor() === 'middle' ? 0 : 6), 1);
    }

    /** The label stands beside the line, above it or to its right, and never across it. */
    public function anchor(): string
    {
        return match (true) {
            $this->asideX() > 0.25 => 'start',
            $this->asideX() < -0.25 => 'end',
            default => 'middle',
        };
    }

    private function asideX(): float
    {
        return $this->upward() * ($this->y2 - $this->y1) / $this->length();
    }

    private function asideY(): float
    {
        return -$this->upward() * ($this->x2 - $this->x1) / $this->length();
    }

    private function upward(): int
    {
        return $this->x2 > $this->x1 || ($this->x2 === $this->x1 && $this->y2 > $this->y1) ? 1 : -1;
    }

    private function length(): float
    {
        return max(1.0, hypot($this->x2 - $this->x1, $this->y2 - $this->y1));
    }

    /** @return list<self> along the rows of further parts */
    public static function ofParts(Plan $plan, Frame $frame): array
    {
        $lines = [];
        foreach ($plan->parts as $part) {
            $row = count($part->columns) + 1;
            foreach ($part->kind === PartKind::Spots ? [] : $part->posts as $i => $post) {
                $next = $part->posts[$i + 1] ?? null;
                if ($next !== null && ($part->kind === PartKind::Row || ($i + 1) % $row !== 0)) {
                    $lines[] = new self($frame->x($post->at->x), $frame->y($post->at->y), $frame->x($next->at->x), $frame->y($next->at->y), 'string');
                }
            }
        }

        return $lines;
    }
}
