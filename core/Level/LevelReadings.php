<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Adjust\Levels\LevelReading;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Level\LevelWay;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Log;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Measure\Slope;
use Aequus\Plan\Plan;

/** Everything read about heights that counts now, as the adjustment takes it. */
final readonly class LevelReadings
{
    /** Names of set-ups and levels are kept apart from those of points. */
    public const SET_UP = 'set-up ';

    public const LEVEL = 'level ';

    /** @var list<LevelReading> */
    public array $network;

    /** @var array<string, float> heights taken as known, mm, by the point’s key */
    public array $benchmarks;

    /** @var array<string, LevelPoint> every point that was read, and every benchmark, by its key */
    public array $points;

    /** How much the line of sight was found to rise; null until it was tested. */
    public ?Slope $beam;

    /** @var list<string> spirit levels, by their names in the network */
    public array $levels;

    public function __construct(private Plan $plan, Log $log)
    {
        $benchmarks = $points = $levels = $network = [];
        $inForce = [];
        foreach ($log->now(BenchmarkChosen::class) as $sequence => $chosen) {
            $inForce[$sequence] = LevelPoint::named($chosen->name);
            $benchmarks[$inForce[$sequence]->key()] = $chosen->height->inMillimetres();
            $points[$inForce[$sequence]->key()] = $inForce[$sequence];
        }
        $at = function (LevelPoint $point, int $sequence) use ($inForce, &$points): ?string {
            // “The benchmark” is the one that was in force when it was read; before any was chosen, the first that was.
            $chosen = array_filter($inForce, fn (int $before) => $before < $sequence, ARRAY_FILTER_USE_KEY) ?: array_slice($inForce, 0, 1);
            $point = $point->isBenchmark() ? ($chosen === [] ? null : $chosen[array_key_last($chosen)]) : $point;
            if ($point === null || ($point->post !== null && $this->plan->grid->find($point->post) === null)) {
                return null;
            }
            $points[$point->key()] = $point;

            return $point->key();
        };
        $this->beam = $log->latest(BeamTested::class)?->rises;
        foreach ($log->now(RodReading::class) as $sequence => $rod) {
            $point = $at($rod->point, $sequence);
            if ($point !== null) {
                // A line of sight that rises meets the rod too high, the more the further it stands.
                $rises = $this->beam === null || $rod->distance === null ? 0.0 : $this->beam->over($rod->distance)->inMillimetres();
                $network[] = LevelReading::rod(
                    "r{$sequence}", self::SET_UP.$rod->setUp, $point, $rod->rod->inMillimetres() - $rises, Laser::sigma($rod->distance),
                );
            }
        }
        foreach ($log->now(HeightDifference::class) as $sequence => $difference) {
            [$from, $to] = [$at($difference->from, $sequence), $at($difference->to, $sequence)];
            if ($from !== null && $to !== null) {
                $network[] = self::difference("r{$sequence}", $from, $to, $difference);
                if ($difference->instrument === LevelInstrument::Board) {
                    $levels[self::LEVEL.$difference->level] = true;
                }
            }
        }
        [$this->network, $this->benchmarks, $this->points, $this->levels] = [
            $network, $benchmarks, $points, array_map(strval(...), array_keys($levels)),
        ];
    }

    public function isReading(string $id): bool
    {
        foreach ($this->network as $reading) {
            if ($reading->id === $id) {
                return true;
            }
        }

        return false;
    }

    public function isRod(string $id): bool
    {
        foreach ($this->network as $reading) {
            if ($reading->id === $id) {
                return $reading->isRod;
            }
        }

        return false;
    }

    /** Whether the same was read a second time: the rod on that point from that set-up, or between those two points. */
    public function isReadBeside(int $sequence): bool
    {
        $parts = null;
        foreach ($this->network as $reading) {
            $parts = $reading->id === "r{$sequence}" ? array_keys($reading->parts) : $parts;
        }
        $same = array_filter(
            $this->network,
            fn (LevelReading $reading) => $parts !== null && array_diff($parts, array_keys($reading->parts)) === []
                && array_diff(array_keys($reading->parts), $parts) === [],
        );

        return count($same) > 1;
    }

    /** Whether two readings are of the same: the rod on one point from one set-up, or one pair of points. */
    public function isSame(string $id, string $other): bool
    {
        $parts = [];
        foreach ($this->network as $reading) {
            $parts[$reading->id] = array_keys($reading->parts);
        }

        return isset($parts[$id], $parts[$other]) && array_diff($parts[$id], $parts[$other]) === [] && array_diff($parts[$other], $parts[$id]) === [];
    }

    public static function sequence(string $id): int
    {
        return (int) substr($id, 1);
    }

    /** What people call a point or a set-up of the network. */
    public function name(string $key): string
    {
        $point = $this->points[$key] ?? null;
        if ($point === null) {
            return str_starts_with($key, self::SET_UP) ? 'set-up '.(substr($key, strlen(self::SET_UP)) ?: '1') : $key;
        }
        $label = $point->post === null ? $point->name : $this->plan->grid->find($point->post)->label ?? '?';

        return $point->post === null || $point->feature->value === 'ground' ? $label : "{$label} ".$point->feature->spoken();
    }

    private static function difference(string $id, string $from, string $to, HeightDifference $difference): LevelReading
    {
        $read = $difference->read->inMillimetres();
        if ($difference->instrument === LevelInstrument::Board) {
            return LevelReading::hop(
                $id, $from, $to, $read, $difference->over?->inMillimetres() ?? 0.0, self::LEVEL.$difference->level, $difference->way->sign(),
                BoardLevel::READING,
            );
        }
        if ($difference->instrument === LevelInstrument::LineLevel && $difference->over !== null) {
            $string = new LevelString($difference->over);

            return LevelReading::difference(
                $id, $from, $to, $read + $string->rightHigher($difference->hungAt ?? $difference->over->half())->inMillimetres(), $string->sigma(),
            );
        }

        if ($difference->instrument === LevelInstrument::Phone && $difference->over !== null) {
            $slope = $difference->way === LevelWay::Turned ? LeanMeasure::PHONE_TWICE : LeanMeasure::PHONE_ONCE;

            return LevelReading::difference($id, $from, $to, $read, $difference->over->times($slope)->inMillimetres());
        }

        return LevelReading::difference(
            $id, $from, $to, $read, $difference->instrument === LevelInstrument::Survey ? GroundSurface::READING : WaterLevel::READING,
        );
    }
}
