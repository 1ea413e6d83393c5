<?php

declare(strict_types=1);

namespace App\Bill;

use Aequus\Bill\Counter;
use Aequus\Bill\GoodsMass;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\NeededFor;
use Aequus\Bill\Ware;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Words\Bill\BillWords;
use App\Type\DayName;
use App\Type\Say;

/**
 * What is still to be bought, as lists to take along: by the counter it is fetched at, by the work it is needed for, by delivery (what a lorry brings
 * for each work, with its weight) or by the day it must be there.
 */
final readonly class ListsPage
{
    /** What a lorry brings; the rest fits into a bag. */
    private const DELIVERED = [Counter::Timber, Counter::Masonry, Counter::Roofing];

    private Plan $plan;

    /** @param  string  $by  counter, work, delivery or day */
    public function __construct(public BillPage $bill, SiteState $site, public string $by)
    {
        $this->plan = $site->plan;
    }

    /** @return array<string, string> */
    public static function ways(): array
    {
        return [
            'counter' => Say::text('bill.by_counter'), 'work' => Say::text('bill.by_work'), 'delivery' => Say::text('bill.by_delivery'),
            'day' => Say::text('bill.by_day'),
        ];
    }

    public static function way(string $typed): string
    {
        return isset(self::ways()[$typed]) ? $typed : 'counter';
    }

    /** @return list<array{string, non-empty-list<BillRow>, string}> each list with its name, what is on it, and what it comes to; what lies on the site already is on none */
    public function lists(): array
    {
        $groups = [];
        foreach ($this->bill->rows as $row) {
            [$ware] = JobNeeds::read($row->line->goods->name);
            $key = $this->group($ware);
            if ($row->line->bought->packs > 0 && $key !== null) {
                $groups[$key][] = $row;
            }
        }
        $lists = [];
        foreach ($this->names() as $key => $name) {
            if (isset($groups[$key])) {
                $lists[] = [
                    $name, $groups[$key],
                    implode(', ', array_filter([self::sum($groups[$key]), $this->by === 'delivery' ? $this->mass($groups[$key]) : ''])),
                ];
            }
        }

        return $lists;
    }

    /** @return list<array{string, string, string}> each work: what is sent, what it is called, and the day its goods must be there */
    public function days(): array
    {
        return array_map(
            fn (NeededFor $work) => [$work->value, BillWords::neededFor($work), $this->plan->neededOn[$work->value] ?? ''], NeededFor::cases(),
        );
    }

    /** Of its list; null where it is on none. */
    private function group(Ware $ware): ?string
    {
        return match ($this->by) {
            'counter' => $ware->counter()->value,
            'delivery' => in_array($ware->counter(), self::DELIVERED, true) ? $ware->neededFor()->value : null,
            'day' => $this->plan->neededOn[$ware->neededFor()->value] ?? '',
            default => $ware->neededFor()->value,
        };
    }

    /** @return array<string, string> of the lists in their order, by what is grouped */
    private function names(): array
    {
        if ($this->by === 'counter') {
            return array_combine(array_column(Counter::cases(), 'value'), array_map(BillWords::counter(...), Counter::cases()));
        }
        if ($this->by !== 'day') {
            return array_combine(array_column(NeededFor::cases(), 'value'), array_map(BillWords::neededFor(...), NeededFor::cases()));
        }
        $days = array_unique($this->plan->neededOn);
        sort($days);

        return [...array_combine($days, array_map(fn (string $day) => DayName::of($day, true), $days)), '' => Say::text('bill.without_a_day')];
    }

    /**
     * What a lorry carries, as far as it can be told.
     *
     * @param  non-empty-list<BillRow>  $rows
     */
    private function mass(array $rows): string
    {
        $masses = array_map(fn (BillRow $row) => GoodsMass::of($row->line->goods->name, $this->plan), $rows);
        $sum = (float) array_sum(array_map(fn (BillRow $row, ?float $mass) => ($mass ?? 0.0) * $row->line->bought->amount, $rows, $masses));
        $written = (new LoadNotation($this->plan->notation->unit))->mass($sum);

        return $sum === 0.0 ? ''
            : (in_array(null, $masses, true) ? Say::text('bill.weighs_at_least', mass: $written) : Say::text('bill.weighs', mass: $written));
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
