<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Bill\Goods;
use Aequus\Bill\JobNeeds;
use Aequus\Bill\Ware;
use Aequus\Plan\Plan;
use Aequus\Plan\Work\Pricing;
use Aequus\Site\SiteState;
use App\Bill\Amount;
use App\Bill\BillPage;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** What is said of the goods of a bill: pack, waste, what lies on the site, and price. */
final class PricesRequest extends PlanChangeRequest
{
    /** Of a bag, kg or lb. */
    private const LIGHTEST_BAG = 1;

    private const HEAVIEST_BAG = 120;

    /** @throws ValidationException with each refusal at its field */
    public function plan(SiteState $site): Plan
    {
        $prices = $site->plan->prices;
        foreach ((new JobNeeds($site))->goods as $goods) {
            $key = BillPage::key($goods->name);
            // What is said of goods that this page did not show stays as it is.
            if ($this->has("price_{$key}")) {
                $prices[$goods->name] = $this->said($key, $goods);
            }
        }
        foreach ($this->has('hires') ? Ware::hired() : [] as $tool) {
            $isHired = $this->boolean("hired_{$tool->value}");
            $prices += $isHired ? [$tool->value => new Pricing(1.0, 0.0, 0.0, null)] : [];
            $prices = $isHired ? $prices : array_diff_key($prices, [$tool->value => true]);
        }
        $this->stopIfRefused();

        return $site->plan->priced($prices);
    }

    private function said(string $key, Goods $goods): Pricing
    {
        $pack = $this->amount("pack_{$key}") ?? $goods->pack;
        if ($pack <= 0.0) {
            $this->refuse("pack_{$key}", Say::text('bill.a_pack_holds_something'));
        }
        $waste = $this->amount("waste_{$key}") ?? 0.0;
        if ($waste > 100.0) {
            $this->refuse("waste_{$key}", Say::text('bill.waste_in_a_hundred'));
        }
        $price = $this->amount("price_{$key}");

        return new Pricing(
            $pack, $waste / 100, $this->amount("site_{$key}") ?? 0.0, $price === null ? null : (int) round($price * 100),
            $goods->name === Ware::Bag->value ? $this->bagMass() : null,
        );
    }

    /** Of one bag; null where it is the usual one. */
    private function bagMass(): ?float
    {
        $mass = $this->amount('bag_mass');
        if ($mass !== null && ($mass < self::LIGHTEST_BAG || $mass > self::HEAVIEST_BAG)) {
            $this->refuse('bag_mass', Say::text('bill.no_such_bag', least: self::LIGHTEST_BAG, most: self::HEAVIEST_BAG));
        }

        return $mass;
    }

    /** Null where it is empty, or was refused. */
    private function amount(string $field): ?float
    {
        if ($this->text($field) === '') {
            return null;
        }
        $amount = Amount::read($this->text($field));
        if ($amount === null) {
            $this->refuse($field, Say::text('bill.no_amount', typed: $this->text($field)));
        }

        return $amount;
    }
}
