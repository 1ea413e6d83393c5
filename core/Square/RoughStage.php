<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Logbook\Log;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedOffsets;
use Aequus\Square\Readings\WantedReadings;

/**
 * Stakes before there are boards: set to a hand’s breadth with a few tapes, no verdict to the tolerance. It ends when the boards stand, for
 * digging takes the stakes, and the tolerance is then proved on nails and strings.
 */
final readonly class RoughStage
{
    /** @param  list<Wanted>  $wanted */
    private function __construct(private Plan $plan, public array $wanted, private TakenReadings $taken)
    {
    }

    /** Null where stakes alone prove the layout, the boards stand already, or a post is set. */
    public static function of(Plan $plan, Log $log, TakenReadings $taken): ?self
    {
        $isOver = $log->now(BoardsUp::class) !== [] || $log->now(PostSet::class) !== [];

        return ! $plan->layout->roughFirst || $isOver || count($plan->grid->posts) < 2 ? null : new self($plan, self::few($plan), $taken);
    }

    /** @return list<array{Wanted, Length}> whose newest reading is more than a hand off the plan, and by how much */
    public function off(): array
    {
        $off = [];
        foreach ($this->wanted as $wanted) {
            $levels = $this->taken->taped[$wanted->key()]->levels ?? [];
            $offsets = $this->taken->lines[$wanted->key()] ?? [];
            $newest = $wanted->line === null ? array_pop($levels) : array_pop($offsets)?->off;
            $misfit = $newest?->minus($wanted->planned()->magnitude());
            if ($misfit !== null && $misfit->magnitude()->isLongerThan($this->plan->notation->system()->hand)) {
                $off[] = [$wanted, $misfit];
            }
        }

        return $off;
    }

    /**
     * The sides and diagonals of the outline, every tape where it has no four corners; and the two ends of the row that lies nearest to each line
     * that holds the layout, for boards would carry a grid that stands off its wall.
     *
     * @return list<Wanted>
     */
    private static function few(Plan $plan): array
    {
        $corners = $plan->grid->corners();
        $tapes = $corners === null
            ? array_values(array_filter(WantedReadings::of($plan), fn (Wanted $wanted) => $wanted->isTape()))
            : array_map(fn (array $ends) => Wanted::tape(...$ends), [
                [$corners->a, $corners->b], [$corners->b, $corners->c], [$corners->c, $corners->d], [$corners->d, $corners->a],
                [$corners->a, $corners->c], [$corners->b, $corners->d],
            ]);
        $offsets = [];
        foreach ($plan->layout->fixedLines as $line) {
            foreach (WantedOffsets::ends($plan, $line) as $stake) {
                $offsets[] = Wanted::line($stake, $line);
            }
        }

        return [...$tapes, ...$offsets];
    }
}
