<?php

declare(strict_types=1);

namespace Aequus\Measure;

/**
 * How a job reads and writes loads: in kN and m where it is metric, else in lb and ft. The rules are
 * reckoned in lb and ft, as the codes they come from print them.
 */
final readonly class LoadNotation
{
    /** kN in a pound of force, from the international pound and standard gravity: exact. */
    private const KILONEWTONS = 0.0044482216152605;

    private const METRES = 0.3048;

    /** Pounds in a tonne. */
    private const POUNDS = 1 / 0.00045359237;

    public function __construct(private Unit $unit)
    {
    }

    public function isMetric(): bool
    {
        return $this->unit->system()->isMetric;
    }

    public function ofForce(): string
    {
        return $this->isMetric() ? 'kN' : 'lb';
    }

    public function ofPressure(): string
    {
        return $this->isMetric() ? 'kN/m²' : 'lb/ft²';
    }

    /** @return float lb/ft², from a figure as the job types it */
    public function readPressure(float $typed): float
    {
        return $this->isMetric() ? $typed * self::METRES ** 2 / self::KILONEWTONS : $typed;
    }

    /** @return float lb */
    public function readForce(float $typed): float
    {
        return $this->isMetric() ? $typed / self::KILONEWTONS : $typed;
    }

    /** The figure alone, as a field takes it. */
    public function typedForce(float $pounds): string
    {
        return $this->isMetric() ? number_format($pounds * self::KILONEWTONS, 2, '.', '') : number_format($pounds, 0, '.', '');
    }

    public function force(float $pounds): string
    {
        return $this->isMetric() ? self::metric($pounds * self::KILONEWTONS).' kN' : number_format($pounds).' lb';
    }

    public function forceOf(float $kilonewtons): string
    {
        return $this->force($kilonewtons / self::KILONEWTONS);
    }

    /** What is bought by weight. */
    public function weight(float $tonnes): string
    {
        return $this->isMetric() ? number_format($tonnes, 2).' t' : number_format($tonnes * self::POUNDS).' lb';
    }

    /** What one or two people lift, in whole figures. */
    public function mass(float $kilograms): string
    {
        return $this->isMetric() ? number_format($kilograms).' kg' : number_format($kilograms / 1000 * self::POUNDS).' lb';
    }

    public function pressure(float $psf): string
    {
        return $this->isMetric()
            ? self::metric($psf * self::KILONEWTONS / self::METRES ** 2).' kN/m²' : number_format($psf, $psf >= 100 ? 0 : 1).' lb/ft²';
    }

    /** What soil bears from the side, by depth. */
    public function byDepth(float $psfPerFoot): string
    {
        return $this->isMetric()
            ? self::metric($psfPerFoot * self::KILONEWTONS / self::METRES ** 3).' kN/m² per m' : number_format($psfPerFoot).' lb/ft² per ft';
    }

    public function area(float $squareFeet): string
    {
        return $this->isMetric() ? number_format($squareFeet * self::METRES ** 2, 2).' m²'
            : number_format($squareFeet, $squareFeet >= 10 ? 1 : 2).' ft²';
    }

    private static function metric(float $figure): string
    {
        return number_format($figure, abs($figure) < 10 ? 2 : 1);
    }
}
