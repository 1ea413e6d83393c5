<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Adjust\Levels\LevelReading;

/**
 * The closures of a levelling: every reading that is more than a tree of readings needs closes one loop, back to its start or from one known
 * height to another. Readings count as they were read, so that a pencil comes to the same; what a spirit level’s own error may add over the boards
 * of a loop, turned ones against the others, is allowed for.
 */
final readonly class LevelLoops
{
    /** Where all known heights meet: the zero they are counted from. */
    private const ZERO = "\0";

    /** @var list<LevelLoop> the one that misses by most of what it may first */
    public array $loops;

    /**
     * @param  list<LevelReading>  $readings
     * @param  array<string, float>  $known  heights, mm, by name
     * @param  list<string>  $levels  names of spirit levels among their parts
     */
    public function __construct(array $readings, array $known, array $levels)
    {
        $steps = array_map(
            fn (string|int $name, float $height) => new LevelStep(self::ZERO, (string) $name, $height, 0.0), array_keys($known), $known,
        );
        foreach ($readings as $reading) {
            $boards = array_intersect_key($reading->parts, array_flip($levels));
            $ends = array_diff_key($reading->parts, $boards);
            [$from, $to] = [array_search(-1.0, $ends, true), array_search(1.0, $ends, true)];
            if ($from !== false && $to !== false) {
                $steps[] = new LevelStep((string) $from, (string) $to, $reading->observed, $reading->sigma, $reading->id, $boards);
            }
        }
        [$ways, $over] = self::grow($steps);
        $loops = array_values(array_filter(array_map(fn (LevelStep $step) => self::close($ways, $step), $over)));
        usort(
            $loops,
            fn (
                LevelLoop $one, LevelLoop $other,
            ) => abs($other->chain->closure) / $other->chain->allowed <=> abs($one->chain->closure) / $one->chain->allowed,
        );
        $this->loops = $loops;
    }

    /**
     * Breadth first from every name not reached yet, so that loops are short.
     *
     * @param  list<LevelStep>  $steps
     * @return array{array<string, list<LevelStep>>, list<LevelStep>} the way from its root to every name, and the steps left over
     */
    private static function grow(array $steps): array
    {
        $at = $ways = $used = [];
        foreach ($steps as $i => $step) {
            $at[$step->from][] = $i;
            $at[$step->to][] = $i;
        }
        foreach (array_keys($at) as $root) {
            $root = (string) $root;
            if (isset($ways[$root])) {
                continue;
            }
            $ways[$root] = [];
            $queue = [$root];
            for ($next = 0; $next < count($queue); $next++) {
                foreach ($at[$queue[$next]] as $i) {
                    $step = $steps[$i]->from === $queue[$next] ? $steps[$i] : $steps[$i]->back();
                    if (! isset($ways[$step->to])) {
                        $ways[$step->to] = [...$ways[$queue[$next]], $step];
                        $used[$i] = true;
                        $queue[] = $step->to;
                    }
                }
            }
        }

        return [$ways, array_values(array_diff_key($steps, $used))];
    }

    /** @param  array<string, list<LevelStep>>  $ways */
    private static function close(array $ways, LevelStep $step): ?LevelLoop
    {
        [$out, $back] = [$ways[$step->from], $ways[$step->to]];
        while ($out !== [] && $back !== [] && $out[0]->to === $back[0]->to) {
            array_shift($out);
            array_shift($back);
        }
        $round = [...$out, $step, ...array_reverse(array_map(fn (LevelStep $one) => $one->back(), $back))];
        $boards = [];
        foreach ($round as $one) {
            foreach ($one->boards as $level => $board) {
                $boards[$level] = ($boards[$level] ?? 0.0) + $board;
            }
        }
        $sigmas = [
            ...array_map(fn (LevelStep $one) => $one->sigma, $round),
            ...array_map(fn (float $board) => abs($board) * BoardLevel::ACCURACY, array_values($boards)),
        ];
        if (array_sum($sigmas) <= 0.0) {
            return null;
        }
        $through = [...array_map(fn (LevelStep $one) => $one->from, $round), $round[0]->from];

        return new LevelLoop(
            array_values(array_filter($through, fn (string $name) => $name !== self::ZERO)),
            array_values(array_filter(array_map(fn (LevelStep $one) => $one->reading, $round), is_string(...))),
            new SingleChain(array_map(fn (LevelStep $one) => $one->difference, $round), $sigmas, 0.0),
        );
    }
}
