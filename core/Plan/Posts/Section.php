<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;

/** The cross section of a post, as it measures: b along x and d along y, or round with b = d its diameter. */
final readonly class Section
{
    /**
     * @param  float  $turn  of its faces out of the directions of the job, radians
     *
     * @throws PlanRefused when a side has no length
     */
    private function __construct(public Length $b, public Length $d, public bool $round, public float $turn = 0.0)
    {
        if (! $b->isPositive() || ! $d->isPositive()) {
            throw PlanRefused::sectionNotPositive();
        }
    }

    /** @throws PlanRefused when a side has no length */
    public static function rectangle(Length $b, Length $d): self
    {
        return new self($b, $d, false);
    }

    /** @throws PlanRefused when the diameter has no length */
    public static function round(Length $diameter): self
    {
        return new self($diameter, $diameter, true);
    }

    /** @throws PlanRefused when no such size is sold */
    public static function nominal(int $b, int $d): self
    {
        return self::rectangle(NominalSize::actual($b), NominalSize::actual($d));
    }

    /** The same with its faces turned out of the directions of the job, counter-clockwise. */
    public function turned(float $angle): self
    {
        return $angle === 0.0 || $this->round ? $this : new self($this->b, $this->d, false, $angle);
    }

    public function thicker(): Length
    {
        return $this->b->isLongerThan($this->d) ? $this->b : $this->d;
    }

    public function thinner(): Length
    {
        return $this->b->isLongerThan($this->d) ? $this->d : $this->b;
    }

    /** Thickness seen along an axis. */
    public function along(Side $axis): Length
    {
        return $axis->isAlongX() ? $this->b : $this->d;
    }

    /** From the centre to the face that looks from one place toward another: half the thickness, or to the corner where the view runs askew. */
    public function toward(Point $from, Point $to): Length
    {
        if ($this->round) {
            return $this->b->half();
        }
        $view = $to->inMillimetres()->minus($from->inMillimetres())->turned(-$this->turn)->unit();

        return Length::nanometres((int) round((abs($view->x) * $this->b->nanometres + abs($view->y) * $this->d->nanometres) / 2));
    }

    /** The widest measure across: what a hole must at least let pass. */
    public function across(): Length
    {
        return $this->round ? $this->b : Length::nanometres((int) round(hypot($this->b->nanometres, $this->d->nanometres)));
    }

    /** In mm². */
    public function area(): float
    {
        return $this->round ? M_PI / 4 * $this->b->inMillimetres() ** 2 : $this->b->inMillimetres() * $this->d->inMillimetres();
    }
}
