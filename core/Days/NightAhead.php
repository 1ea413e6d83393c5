<?php

declare(strict_types=1);

namespace Aequus\Days;

/**
 * What comes from now until work begins again, and when: dusk, storm, frost, a weekend with them. Moments are minutes from the forecast’s first
 * midnight, today’s.
 */
final readonly class NightAhead
{
    private const DAY = 1440;

    private const QUARTER = 15;

    /** @var array<string, int> when each of Comes comes, by its value, the soonest first; now where it is there already */
    public array $comes;

    /** When work begins again. */
    public int $until;

    /** Whether the weather of all that time is told. */
    public bool $isKnown;

    /** Whether anybody said where the site lies, so that dusk is reckoned. */
    public bool $isDuskKnown;

    /**
     * All is to be safe by then: the first that is hard, or the end of the hours where none is, or nobody knows the dusk; null where nothing comes.
     */
    public ?int $safeBy;

    /** @param  Hands  $hands  with the limits at which weather stops them */
    public function __construct(Hands $hands, Forecast $forecast, public int $now)
    {
        $sun = $hands->place === null ? null : new Sun($forecast->date(0), $hands->place);
        $this->isDuskKnown = $sun !== null;
        $begins = self::beginsAgain($hands, $forecast, $now);
        $this->until = $begins ?? $forecast->end();
        $this->isKnown = $begins !== null && $forecast->knows($now);
        $comes = [
            Comes::Dark->value => $sun === null ? null : self::dark($sun, $now),
            Comes::HoursEnd->value => $now < $hands->to && $hands->calendar->isWorked($forecast->date(0)) ? $hands->to : null,
        ];
        foreach ($forecast->touched($now, min($this->until, $forecast->end())) as $i => $hour) {
            $at = max($now, 60 * (intdiv($now, 60) + $i));
            $comes[Comes::Gusts->value] ??= $hour->gust > $hands->holds->gust ? $at : null;
            $comes[Comes::Rain->value] ??= $hour->rain > $hands->holds->rain ? $at : null;
            $comes[Comes::Thunder->value] ??= $hour->thunder ? $at : null;
        }
        for ($at = $now; $at <= min($this->until, $forecast->end()) && ! isset($comes[Comes::Frost->value]); $at += self::QUARTER) {
            $comes[Comes::Frost->value] = $forecast->temperature($at) < $hands->holds->frost + $hands->holds->doubt($at) ? $at : null;
        }
        $comes = array_filter($comes, fn (?int $at) => $at !== null);
        asort($comes);
        $this->comes = $comes;
        $hard = array_filter($comes, fn (string $what) => Comes::from($what)->isHard(), ARRAY_FILTER_USE_KEY);
        $ends = [
            ...array_values($hard),
            ...(($hard === [] || ! $this->isDuskKnown) && isset($comes[Comes::HoursEnd->value]) ? [$comes[Comes::HoursEnd->value]] : []),
        ];
        $this->safeBy = $ends === [] ? null : min($ends);
    }

    /** Null where no day that is known is worked. */
    private static function beginsAgain(Hands $hands, Forecast $forecast, int $now): ?int
    {
        foreach (array_keys($forecast->days) as $day) {
            $window = $hands->window($forecast->date($day));
            $at = $day * self::DAY + (int) ceil($window->from);
            if ($window->isOpen && $at > $now && $hands->calendar->isWorked($forecast->date($day))) {
                return $at;
            }
        }

        return null;
    }

    private static function dark(Sun $sun, int $now): ?int
    {
        return match ($sun->light) {
            Light::PolarDay => null,
            Light::PolarNight => $now,
            Light::Rises => $now < $sun->rises ? $now : max($now, (int) floor($sun->sets ?? 0.0)),
        };
    }
}
