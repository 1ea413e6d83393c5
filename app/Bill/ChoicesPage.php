<?php

declare(strict_types=1);

namespace App\Bill;

use Aequus\Bill\Choice;
use Aequus\Bill\Choices;
use Aequus\Bill\FrameChoices;
use Aequus\Bill\Variant;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Holding\HoldReason;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use Aequus\Words\Plan\HoldWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Say;
use App\Type\Typeset;

/** What another way to hold, or to choose the depths, would cost beside the one that is decided. */
final readonly class ChoicesPage
{
    public Choices $choices;

    private Plan $plan;

    public function __construct(private SiteState $site)
    {
        $this->plan = $site->plan;
        $this->choices = new Choices($site);
    }

    /** @return list<array{string, list<Choice>}> what is chosen, and its ways */
    public function tables(): array
    {
        return [
            ...array_values(array_filter(
                [[Say::text('bill.choices_hold'), $this->choices->holds], [Say::text('bill.choices_depth'), $this->choices->depths]],
                fn (array $table) => count($table[1]) > 1,
            )),
            ...array_map(
                fn (array $table) => [$table[0]->what instanceof Variant ? Say::text("bill.choices_{$table[0]->what->kind->value}") : '', $table],
                (new FrameChoices($this->site))->tables,
            ),
        ];
    }

    /** Whether some ground is not read, so that its hole and post are left out. */
    public function isOpen(): bool
    {
        return count($this->site->footing->needs) < count($this->plan->grid->posts);
    }

    public function name(Choice $choice): string
    {
        $what = $choice->what;

        return $what instanceof Variant
            ? (string) (new Say(new Speech($this->plan)))(
                'bill.variant_'.($what->length->isZero() ? 'none' : $what->kind->value), length: $what->length, count: $what->count,
            )
            : ucfirst(Names::of($what));
    }

    public function sum(Choice $choice): string
    {
        return match (count($choice->bill->unpriced)) {
            count($choice->bill->lines) => '—',
            0 => BillPage::money($choice->bill->sum),
            default => Say::text('bill.choices_at_least', money: BillPage::money($choice->bill->sum)),
        };
    }

    /** @param  list<Choice>  $beside */
    public function difference(Choice $choice, array $beside): string
    {
        $decided = array_values(array_filter($beside, fn (Choice $one) => $one->isDecided))[0] ?? null;
        $dearer = $decided === null ? null : $choice->dearerThan($decided);

        return match (true) {
            $choice->isDecided => Say::text('bill.choices_decided'),
            $decided === null => '',
            $dearer === null => Say::text('bill.choices_not_known'),
            $dearer === 0 => Say::text('bill.choices_as_much'),
            default => Say::text($dearer > 0 ? 'bill.choices_dearer' : 'bill.choices_cheaper', money: BillPage::money(abs($dearer))),
        };
    }

    /** @return list<Sentence> goods without a price */
    public function unpriced(Choice $choice): array
    {
        return array_map(fn (string $id) => BillPage::name($this->plan, $id), $choice->bill->unpriced);
    }

    public function carried(Choice $choice): string
    {
        return (new LoadNotation($this->plan->notation->unit))->mass($choice->carried);
    }

    public function dug(Choice $choice): string
    {
        return Typeset::volume($this->plan->notation, $choice->dug);
    }

    /** Why it does not suit this site, in words; empty where nothing speaks against it. */
    public function against(Choice $choice): string
    {
        return implode(' ', array_map(fn (HoldReason $reason) => HoldWords::reason($reason), $choice->against));
    }
}
