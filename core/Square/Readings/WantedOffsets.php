<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Square\Network\PlanNetwork;

/** Offsets from every line that holds the layout: enough that each is checked by others, and as many more as it takes to prove the tolerance. */
final readonly class WantedOffsets
{
    /** With three offsets from a line each is checked; the fourth leaves a margin. */
    private const FEWEST = 4;

    private const MOST = 8;

    /** One more offset must leave less than this share of what was open. */
    private const GAINS = 0.985;

    public function __construct(private Plan $plan, private PlanNetwork $network)
    {
    }

    /**
     * @param  array<string, Wanted>  $wanted  the readings between the stakes, by key
     * @return array<string, Wanted> with the offsets
     */
    public function added(array $wanted): array
    {
        $lines = $this->plan->layout->fixedLines;
        $orders = array_map(fn (FixedLine $line) => self::order($this->plan, $line), $lines);
        $open = INF;
        for ($count = self::FEWEST; $lines !== [] && $count <= self::MOST; $count++) {
            $before = $wanted;
            foreach ($lines as $i => $line) {
                foreach (array_slice($orders[$i], 0, $count) as $stake) {
                    $wanted[Wanted::lineKey($stake->id, $line->id)] ??= Wanted::line($stake, $line);
                }
            }
            $ring = $wanted === $before ? null : $this->ring($wanted);
            if ($ring === null) {
                return $wanted;
            }
            if ($ring > self::GAINS * $open) {
                // One more offset gains next to nothing: the tape is what limits it.
                return $before;
            }
            if ($ring <= $this->plan->tolerances->squareness->inMillimetres()) {
                return $wanted;
            }
            $open = $ring;
        }

        return $wanted;
    }

    /** @return list<Post> the ends of the row that lies nearest to a line */
    public static function ends(Plan $plan, FixedLine $line): array
    {
        return array_slice(self::order($plan, $line), 0, 2);
    }

    /**
     * What these readings would leave open at the stake known worst, judged by the line, mm.
     *
     * @param  array<string, Wanted>  $wanted
     * @return ?float null where they leave a stake free
     */
    private function ring(array $wanted): ?float
    {
        $readings = array_map(fn (Wanted $one) => $one->reading($this->plan->layout->tape), array_values($wanted));
        try {
            $planned = $this->network->network($readings, $this->network->stakes)->planned();
        } catch (NotDetermined) {
            return null;
        }

        return ErrorEllipse::RING * $this->network->moves($planned, $readings, PlacementWay::ByLine)->largest();
    }

    /** @return list<Post> the order in which offsets from a line are read: the ends of the row nearest to it, then between them, then the next row */
    private static function order(Plan $plan, FixedLine $line): array
    {
        $rows = [];
        foreach ($line->nearest($plan->grid) as $post) {
            $rows[(int) round($line->off($post->at)->magnitude()->inMillimetres() / 100)][] = $post;
        }
        ksort($rows);

        return array_merge(
            ...array_map(
                fn (array $row) => count($row) < 3 ? $row : [$row[0], $row[count($row) - 1], ...array_slice($row, 1, -1)], array_values($rows),
            ),
        );
    }
}
