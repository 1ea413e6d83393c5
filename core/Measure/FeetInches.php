<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** A length taken apart as it stands on an inch tape; the fraction is reduced, numerator 0 when there is none. */
final readonly class FeetInches
{
    public function __construct(
        public bool $negative,
        public int $feet,
        public int $inches,
        public int $numerator,
        public int $denominator,
    ) {
    }

    public function text(): string
    {
        $fraction = $this->numerator === 0 ? '' : $this->numerator.'/'.$this->denominator;
        $inches = trim(($this->inches > 0 || $this->feet > 0 || $fraction === '' ? $this->inches : '').' '.$fraction).'"';

        return ($this->negative ? '-' : '').($this->feet > 0 ? $this->feet."' " : '').$inches;
    }

    /** As people type it: 8' alone, 4' 3, 3/8; the mark of inches is left out. */
    public function typed(): string
    {
        $isEven = $this->feet > 0 && $this->inches === 0 && $this->numerator === 0;

        return $isEven ? ($this->negative ? '-' : '')."{$this->feet}'" : rtrim($this->text(), '"');
    }
}
