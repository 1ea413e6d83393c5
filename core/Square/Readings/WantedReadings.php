<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Solve\Solution;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Square\Network\PlanNetwork;

/** The readings that determine every stake and check each other, also where posts are left out: with the strings up, or by tape alone. */
final class WantedReadings
{
    /** Less of a reading’s mistake than this showing in the others counts as unchecked. */
    private const CHECKED = 0.02;

    /** @var array<string, Wanted> by key */
    private array $wanted = [];

    /** @var list<Post> stakes that the list so far leaves free */
    private array $free = [];

    private readonly PlanNetwork $network;

    private function __construct(private readonly Plan $plan)
    {
        $this->network = new PlanNetwork($plan);
    }

    /** @return list<Wanted> in walking order; none for a single post */
    public static function of(Plan $plan): array
    {
        $list = new self($plan);
        if (count($plan->grid->posts) < 2) {
            return [];
        }
        $plan->layout->list === ReadingList::Lean && $list->isGrid() ? $list->lean() : $list->full();
        foreach ($plan->grid->added as $post) {
            $list->toNearest($post, 3);
        }
        foreach (PartTies::of($plan) as [$from, $to]) {
            $list->tape($from, $to);
        }
        $list->determine();
        $list->check();
        $more = PartTies::most($plan);
        while ($more-- > 0 && ($tie = PartTies::further($list->network, $list->planned(), $list->readings())) !== null) {
            $list->tape(...$tie);
        }
        $all = (new WantedOffsets($plan, $list->network))->added($list->wanted);

        return WalkingOrder::of(array_values($all), $plan->grid->find(PostId::of($list->network->base[0])) ?? $plan->grid->posts[0]);
    }

    /** Every bay side, every bay diagonal and the long diagonals; in a row every spacing, marks from one zero and string offsets. */
    private function full(): void
    {
        $grid = $this->plan->grid;
        [$columns, $rows] = [$grid->columns->count(), $grid->rows->count()];
        for ($r = 0; $r < $rows; $r++) {
            for ($c = 0; $c < $columns; $c++) {
                foreach ([[1, 0], [0, 1], [1, 1], [-1, 1]] as [$dc, $dr]) {
                    $this->tape($this->crossing($c, $r), $this->crossing($c + $dc, $r + $dr));
                }
            }
        }
        $corners = $grid->corners();
        if ($corners !== null) {
            $this->tape($corners->a, $corners->c);
            $this->tape($corners->b, $corners->d);
        }
        if (! $this->isGrid()) {
            $this->row();
        }
    }

    /** The outline; edge stakes by mark and offset from the edge string; inner stakes by two strings and one mark. */
    private function lean(): void
    {
        $grid = $this->plan->grid;
        $corners = $grid->corners();
        if ($corners === null) {
            // Without four corners there is no outline to hang strings on.
            $this->full();

            return;
        }
        foreach ([
            [$corners->a, $corners->b], [$corners->b, $corners->c], [$corners->c, $corners->d], [$corners->d, $corners->a],
            [$corners->a, $corners->c], [$corners->b, $corners->d],
        ] as [$from, $to]) {
            $this->tape($from, $to);
        }
        foreach ($grid->posts as $post) {
            [$row, $column] = [$grid->rowOf($post), $grid->columnOf($post)];
            [$endOfRow, $endOfColumn] = [in_array($post, [$row[0], end($row)], true), in_array($post, [$column[0], end($column)], true)];
            if ($endOfRow && $endOfColumn) {
                continue;
            }
            if (! $endOfRow) {
                $this->string($post, $row[0], $row[count($row) - 1]);
            }
            if (! $endOfColumn) {
                $this->string($post, $column[0], $column[count($column) - 1]);
            }
            $zero = $endOfRow ? $column[0] : $row[0];
            $this->tape($zero, $post);
        }
    }

    private function row(): void
    {
        $posts = $this->plan->grid->posts;
        $last = $posts[count($posts) - 1];
        foreach (array_slice($posts, 1) as $i => $post) {
            $this->tape($posts[0], $post);
            $this->string($post, $posts[0], $last);
            if (isset($posts[$i + 2])) {
                $this->string($post, $posts[$i], $posts[$i + 2]);
            }
        }
    }

    /** A stake that is still free gets the string of its row, else of its column, else the nearest tapes. */
    private function determine(): void
    {
        for ($round = 0; $round < 2 * count($this->plan->grid->posts); $round++) {
            if ($this->planned() !== null) {
                return;
            }
            $before = count($this->wanted);
            foreach ($this->free as $post) {
                foreach ([$this->plan->grid->rowOf($post), $this->plan->grid->columnOf($post)] as $line) {
                    $this->string($post, $line[0], $line[count($line) - 1]);
                    if (count($this->wanted) > $before) {
                        break 2;
                    }
                }
            }
            if (count($this->wanted) === $before) {
                foreach ($this->free as $post) {
                    $this->toNearest($post, 1);
                }
            }
            if (count($this->wanted) === $before) {
                return;
            }
        }
    }

    /** Where readings go unchecked, those further tapes are added that check most of them at once. */
    private function check(): void
    {
        do {
            $network = $this->planned();
            $unchecked = $network === null ? []
                : array_filter($this->wanted, fn (Wanted $wanted) => $network->solution->redundancy($wanted->key()) < self::CHECKED);
            if ($network === null || $unchecked === []) {
                return;
            }
            $before = count($this->wanted);
            $further = $this->neighbouring($unchecked);
            $gains = array_map(fn (Wanted $tape) => $this->nowChecked($network, $tape, $unchecked), $further);
            uasort($gains, fn (array $one, array $other) => count($other) <=> count($one));
            foreach ($gains as $key => $gain) {
                // What an earlier one of this round checks already needs no second tape.
                if (array_intersect_key($unchecked, $gain) === $gain && $gain !== []) {
                    $unchecked = array_diff_key($unchecked, $gain);
                    $this->wanted[$key] = $further[$key];
                }
            }
        } while (count($this->wanted) > $before);
    }

    /**
     * @param  array<string, Wanted>  $unchecked
     * @return array<string, Wanted> those of them that one more tape would check
     */
    private function nowChecked(AdjustedNetwork $network, Wanted $tape, array $unchecked): array
    {
        $sigma = $this->plan->layout->tape->sigma($tape->planned());
        $added = $network->wouldRead($tape->ends()->from->id->value, $tape->ends()->to->id->value, $sigma);
        $spread = $network->solution->spread($added->row);
        $variance = $sigma ** 2 + Solution::product($added->row, $spread);

        return array_filter($unchecked, function (Wanted $wanted) use ($network, $spread, $variance): bool {
            $reading = $network->solution->observation($wanted->key());

            $more = Solution::product($reading->row, $spread) ** 2 / ($variance * $reading->sigma ** 2);

            return $network->solution->redundancy($wanted->key()) + $more >= self::CHECKED;
        });
    }

    /**
     * @param  array<string, Wanted>  $unchecked
     * @return array<string, Wanted> tapes from their stakes to the four nearest that none joins yet
     */
    private function neighbouring(array $unchecked): array
    {
        $tapes = [];
        foreach ($unchecked as $wanted) {
            foreach ($wanted->posts() as $post) {
                foreach ($this->nearest($post, 4) as $other) {
                    $tapes[Wanted::tapeKey($post->id, $other->id)] ??= Wanted::tape($post, $other);
                }
            }
        }

        return $tapes;
    }

    private function planned(): ?AdjustedNetwork
    {
        try {
            return $this->network->network($this->readings(), $this->network->stakes)->planned();
        } catch (NotDetermined $refusal) {
            $this->free = array_values(array_filter(array_map(fn (string $id) => $this->plan->grid->find(PostId::of($id)), $refusal->stations)));

            return null;
        }
    }

    /** @return list<Reading> */
    private function readings(): array
    {
        return array_map(fn (Wanted $wanted) => $wanted->reading($this->plan->layout->tape), array_values($this->wanted));
    }

    private function tape(?Post $from, ?Post $to): void
    {
        if ($from !== null && $to !== null && ! $from->id->equals($to->id)) {
            $this->wanted[Wanted::tapeKey($from->id, $to->id)] ??= Wanted::tape($from, $to);
        }
    }

    private function string(Post $stake, Post $from, Post $to): void
    {
        if (! $from->id->equals($to->id) && ! $stake->id->equals($from->id) && ! $stake->id->equals($to->id)) {
            $this->wanted[Wanted::stringKey($stake->id, $from->id, $to->id)] ??= Wanted::string($this->plan, $stake, $from, $to);
        }
    }

    private function toNearest(Post $post, int $count): void
    {
        array_map(fn (Post $other) => $this->tape($post, $other), $this->nearest($post, $count));
    }

    /** @return list<Post> the nearest stakes that no tape joins to this one yet */
    private function nearest(Post $post, int $count): array
    {
        $others = [];
        foreach ($this->plan->grid->posts as $other) {
            if (! $other->id->equals($post->id) && ! isset($this->wanted[Wanted::tapeKey($post->id, $other->id)])) {
                $others[$other->id->value] = $post->at->distanceTo($other->at)->nanometres;
            }
        }
        asort($others);

        return array_values(array_filter(array_map(
            fn (string|int $id) => $this->plan->grid->find(PostId::of((string) $id)), array_keys(array_slice($others, 0, $count, true)),
        )));
    }

    private function isGrid(): bool
    {
        return $this->plan->grid->columns->count() > 1 && $this->plan->grid->rows->count() > 1;
    }

    private function crossing(int $column, int $row): ?Post
    {
        $grid = $this->plan->grid;
        [$along, $across] = [$grid->columns->lines[$column] ?? null, $grid->rows->lines[$row] ?? null];

        return $along === null || $across === null ? null : $grid->find(PostId::at($along->id, $across->id));
    }
}
