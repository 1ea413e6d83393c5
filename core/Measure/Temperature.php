<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** A temperature as people type and read it: Celsius where a job is metric, else Fahrenheit, or as marked. */
final readonly class Temperature
{
    private function __construct(public float $celsius)
    {
    }

    public static function celsius(float $celsius): self
    {
        return new self($celsius);
    }

    public static function fahrenheit(float $fahrenheit): self
    {
        return new self(($fahrenheit - 32) / 1.8);
    }

    /** @return ?self null where it is no number with C, F or nothing behind it */
    public static function read(string $typed, Unit $job): ?self
    {
        if (! preg_match('/^([-+]?[0-9]{1,3}(?:[.,][0-9]+)?) ?°? ?([cf])?$/iu', trim(str_replace(['−', '–'], '-', $typed)), $found)) {
            return null;
        }
        $number = (float) str_replace(',', '.', $found[1]);
        $isFahrenheit = strtolower(($found[2] ?? '') ?: $job->system()->pick('c', 'f')) === 'f';

        return $isFahrenheit ? self::fahrenheit($number) : self::celsius($number);
    }

    public static function sign(Unit $job): string
    {
        return $job->system()->pick('°C', '°F');
    }

    /** The figure alone, as a field takes it. */
    public function typed(Unit $job): string
    {
        return str_replace(
            '-', '−', rtrim(rtrim(number_format($job->system()->pick($this->celsius, 1.8 * $this->celsius + 32), 1, '.', ''), '0'), '.'),
        );
    }

    /** So many degrees warmer or colder, °C, in the degrees of a job. */
    public static function span(float $celsius, Unit $job): string
    {
        return round(self::spanFigure($celsius, $job), 1).' '.self::sign($job);
    }

    /** The figure of so many degrees, °C, in those of a job. */
    public static function spanFigure(float $celsius, Unit $job): float
    {
        return $job->system()->pick($celsius, 1.8 * $celsius);
    }

    /** @return float °C */
    public static function spanOf(float $typed, Unit $job): float
    {
        return $job->system()->pick($typed, $typed / 1.8);
    }

    public function write(Unit $job): string
    {
        return $this->typed($job).' '.self::sign($job);
    }
}
