<?php

declare(strict_types=1);

namespace App\Bill;

use Aequus\Bill\Counter;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\NeededFor;
use Aequus\Words\Bill\BillWords;
use App\Type\Say;

/** What is still to be bought, as lists to take along: by the counter it is fetched at, or by the work it is needed for. */
final readonly class ListsPage
{
    /** @param  string  $by  counter or work */
    public function __construct(public BillPage $bill, public string $by)
    {
    }

    /** @return array<string, string> */
    public static function ways(): array
    {
        return ['counter' => Say::text('bill.by_counter'), 'work' => Say::text('bill.by_work')];
    }

    /** @return list<array{string, non-empty-list<BillRow>, string}> each list with its name, what is on it, and what it comes to; what lies on the site already is on none */
    public function lists(): array
    {
        $lists = [];
        foreach ($this->by === 'work' ? NeededFor::cases() : Counter::cases() as $group) {
            $rows = array_values(array_filter($this->bill->rows, function (BillRow $row) use ($group): bool {
                [$ware] = JobNeeds::read($row->line->goods->name);

                return ($group instanceof Counter ? $ware->counter() : $ware->neededFor()) === $group && $row->line->bought->packs > 0;
            }));
            if ($rows !== []) {
                $lists[] = [$group instanceof Counter ? BillWords::counter($group) : BillWords::neededFor($group), $rows, self::sum($rows)];
            }
        }

        return $lists;
    }

    /** @param  non-empty-list<BillRow>  $rows */
    private static function sum(array $rows): string
    {
        $open = count(array_filter($rows, fn (BillRow $row) => $row->line->bought->coins === null));
        $sum = BillPage::money(array_sum(array_map(fn (BillRow $row) => $row->line->bought->coins ?? 0, $rows)));

        return match ($open) {
            count($rows) => '',
            0 => $sum,
            default => Say::text('bill.choices_at_least', money: $sum),
        };
    }
}
