<?php

declare(strict_types=1);

namespace App\Bill;

use Aequus\Bill\Bill;
use Aequus\Bill\BillLine;
use Aequus\Bill\HireDays;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\Ware;
use Aequus\Bill\WareUnit;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Footing\Materials\BagForecast;
use Aequus\Frame\Frames;
use Aequus\Frame\Metal;
use Aequus\Plan\Frame\Air;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Words\Bill\BillWords;
use Aequus\Words\Frame\FixingWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Say;

/** The bill of a job: what posts, holes and layout take, in packs and money, and what was said of each. */
final readonly class BillPage
{
    /** @var list<BillRow> */
    public array $rows;

    public string $sum;

    /** @var list<Sentence> goods without a price */
    public array $unpriced;

    private Bill $bill;

    /** @var list<HoleWork> */
    private array $work;

    public function __construct(private SiteState $site)
    {
        $this->work = $site->footing->work($site->walk());
        $this->bill = (new JobNeeds($site, work: $this->work))->bill();
        $this->rows = array_map($this->row(...), $this->bill->lines);
        $this->sum = self::money($this->bill->sum);
        $this->unpriced = array_values(array_map(
            fn (BillRow $row) => $row->name, array_filter($this->rows, fn (BillRow $row) => $row->line->bought->coins === null),
        ));
    }

    /** Of the fields of one line; an id’s colon does not stand in a name. */
    public static function key(string $id): string
    {
        return str_replace(':', '_', $id);
    }

    /** Whether some ground is not read, so that its hole and post are left out. */
    public function isOpen(): bool
    {
        return count($this->work) < count($this->site->plan->grid->posts);
    }

    /** @return list<string> what it leaves out or can’t vouch for, in words; none where it counts everything */
    public function openWords(): array
    {
        $plan = $this->site->plan;
        $without = array_values(array_map(fn (Part $part) => $part->name, array_filter(
            $plan->parts, fn (Part $part) => $part->kind !== PartKind::Spots && ! isset($plan->partFrames[$part->id]),
        )));

        return [
            ...($this->isOpen() ? [Say::text('bill.ground_is_open')] : []),
            ...($plan->frame === null ? [Say::text('bill.without_the_frame')] : []),
            ...($without === [] ? [] : [Say::text('bill.without_other_frames', parts: $without)]),
            ...($this->hasParts() ? [Say::text('bill.strings_of_the_grid')] : []),
            ...(Frames::decided($plan, $this->site->log)->hindered === [] ? [] : [Say::text('bill.frame_not_right')]),
        ];
    }

    /** @return ?array{int, int} bags where each hole is mixed by itself and loses the rest of its last bag, and where they are mixed on; null where that is the same */
    public function bagsAlone(): ?array
    {
        $plan = $this->site->plan;
        $volumes = [];
        foreach ($this->work as $hole) {
            $volumes[$hole->of->label] = $hole->concrete;
        }
        $bag = Bag::ofPlan($plan);
        $waste = $plan->prices['bag']->waste ?? Ware::Bag->usualWaste();
        [$alone, $together] = [BagForecast::eachAlone($volumes, $bag, $waste, 0)->needed, BagForecast::together($volumes, $bag, $waste, 0)->needed];

        return $alone > $together ? [$alone, $together] : null;
    }

    /** @return list<array{string, string, bool}> tools that can be hired: what is sent, what it is called, whether it is on the bill */
    public function hires(): array
    {
        return array_map(fn (Ware $tool) => [$tool->value, BillWords::name($tool), isset($this->site->plan->prices[$tool->value])], Ware::hired());
    }

    /** How much is usual in a day, in words. */
    public function hireDays(): string
    {
        return Say::text('bill.hire_how', holes: HireDays::HOLES, bags: HireDays::BAGS, levelled: HireDays::LEVELLED, cut: HireDays::CUT);
    }

    /** What iron is made of here, in words. */
    public function metal(): string
    {
        return Say::text(
            'bill.metal', metal: FixingWords::metal(Metal::of($this->site->plan->frame->air ?? Air::Wet, $this->site->plan->work->timber)),
        );
    }

    /** Whether dry mix is bought, so that the weight of a bag counts. */
    public function hasBags(): bool
    {
        return array_filter($this->rows, fn (BillRow $row) => $row->line->goods->name === Ware::Bag->value) !== [];
    }

    /** As its field shows it: empty where a bag is the usual one. */
    public function bagMass(): string
    {
        $mass = $this->massOf(Ware::Bag->value);

        return $mass === null ? '' : rtrim(rtrim(number_format($mass, 2, '.', ''), '0'), '.');
    }

    /** What was said of the mass of a piece; null where that is usual. */
    public function massOf(string $goods): ?float
    {
        return ($this->site->plan->prices[$goods] ?? null)?->mass;
    }

    /** Whether parts stand beside the grid, whose strings it does not count. */
    public function hasParts(): bool
    {
        return $this->site->plan->parts !== [];
    }

    public function isPriced(): bool
    {
        return count($this->unpriced) < count($this->rows);
    }

    public static function money(int $coins): string
    {
        return number_format($coins / 100, 2);
    }

    /** What goods are called, with their sizes. */
    public static function name(Plan $plan, string $id): Sentence
    {
        [$ware, $sizes] = JobNeeds::read($id);

        return (new Speech($plan))->page(
            BillWords::name($ware), size: $sizes[count($sizes) - 1] ?? null, one: $sizes[0] ?? null, other: $sizes[1] ?? null,
            thick: $plan->stoutest()->thicker(),
        );
    }

    private function row(BillLine $line): BillRow
    {
        [$ware] = JobNeeds::read($line->goods->name);
        $unit = match ($ware->unit()) {
            WareUnit::Piece => '',
            WareUnit::Weight => ' '.$this->site->plan->notation->system()->pick('t', 'lb'),
            WareUnit::Length => ' '.$this->site->plan->notation->system()->farName,
            WareUnit::Liquid => ' '.$this->site->plan->notation->system()->water,
            WareUnit::Day => ' '.Say::text('bill.days', count: (int) $line->needed),
        };
        $name = self::name($this->site->plan, $line->goods->name);
        $number = fn (float $amount): string => rtrim(rtrim(number_format($amount, 2, '.', ''), '0'), '.');

        return new BillRow(
            self::key($line->goods->name), $name, (string) $name,
            implode(', ', array_map(fn (string $part) => $part === '' ? Say::text('bill.first_grid') : $part, $line->parts)),
            $number($line->needed).$unit,
            $number($line->bought->amount).$unit, $line->bought->coins === null ? '—' : self::money($line->bought->coins),
            $number($line->goods->pack), $number($line->goods->waste * 100),
            $line->goods->onSite > 0.0 ? $number($line->goods->onSite) : '',
            $line->goods->price === null ? '' : self::money((int) round($line->goods->price)), $line,
        );
    }
}
