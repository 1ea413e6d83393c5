<?php

declare(strict_types=1);

namespace Aequus\Days;

/** The limits at which weather holds work; all can be changed. Just on a limit holds nothing. */
final readonly class HoldRules
{
    private const DAY = 1440;

    /** °C by which a forecast errs to the cold today, and as much more each day ahead: a rule of thumb. */
    private const DOUBT = 0.5;

    private const MOST_DOUBT = 3.0;

    /**
     * @param  float  $pour  °C, below it nothing is poured
     * @param  float  $frost  °C, below it nothing freshly poured may come within a day
     * @param  float  $rain  mm in an hour, above it no tube stands open
     * @param  float  $gust  m/s, above it nothing is tilted up and no long beam is lifted
     * @param  float  $kept  by how much blankets keep what was poured warmer, °C
     * @param  bool  $isForecast  whether the weather is only foretold: then it may come colder, more so each day ahead
     */
    public function __construct(
        public float $pour = 5.0, public float $frost = 0.0, public float $rain = 1.0, public float $gust = 10.0, public float $kept = 0.0,
        public bool $isForecast = false,
    ) {
    }

    /** For weather that is only foretold. */
    public function withDoubt(): self
    {
        return new self($this->pour, $this->frost, $this->rain, $this->gust, $this->kept, true);
    }

    public function keptWarmer(float $by): self
    {
        return new self($this->pour, $this->frost, $this->rain, $this->gust, $by, $this->isForecast);
    }

    /** By how much colder than foretold it may come at a moment, °C. */
    public function doubt(int $moment): float
    {
        return $this->isForecast ? min(self::MOST_DOUBT, self::DOUBT * (1 + intdiv($moment, self::DAY))) : 0.0;
    }

    /** @return list<WeatherHold> what holds a work from one moment to another; minutes from the first midnight */
    public function at(Work $work, int $from, int $to, Forecast $forecast): array
    {
        $holds = [];
        if ($work->kind === WorkKind::Pour) {
            if (! $forecast->knows($from) || ! $forecast->knows($to + self::DAY)) {
                return [WeatherHold::NotKnown];
            }
            $holds = [
                ...($forecast->isBelow($from, $to, $this->pour + $this->doubt($from)) ? [WeatherHold::ColdAtThePour] : []),
                ...($forecast->isBelow(
                    $to, $to + self::DAY, $this->frost - $this->kept + $this->doubt($to + self::DAY),
                ) ? [WeatherHold::FrostAfterThePour] : []),
            ];
        } elseif (! $forecast->knows($from) || ! $forecast->knows($to)) {
            return [WeatherHold::NotKnown];
        }
        $isLifted = $work->kind === WorkKind::TiltUp || ($work->kind === WorkKind::Beam && $work->longBeam);
        foreach ($forecast->touched($from, $to) as $hour) {
            foreach ([
                [WeatherHold::RainInOpenTubes, $work->openTube && $hour->rain > $this->rain],
                [WeatherHold::Gusts, $isLifted && ! $work->inside && $hour->gust > $this->gust],
                [WeatherHold::Thunder, $hour->thunder && ! $work->inside],
            ] as [$hold, $isSo]) {
                if ($isSo && ! in_array($hold, $holds, true)) {
                    $holds[] = $hold;
                }
            }
        }

        return $holds;
    }
}
