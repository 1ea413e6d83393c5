<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Holding\HoldAdvice;
use Aequus\Footing\Holding\HoldAdviser;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\HoldReason;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HoldAdviserTest extends TestCase
{
    /** Changing one thing of the site changes which comes first, for the reason that is said. */
    #[DataProvider('changes')]
    public function test_one_change_of_the_site_changes_the_ranking_for_the_stated_reason(
        array $before, array $change, Hold $first, Hold $then, HoldReason $reason,
    ): void {
        $this->assertSame($first, $this->ranked($before)[0]->hold);
        $after = $this->ranked($change + $before);
        $this->assertSame($then, $after[0]->hold);
        $said = array_merge(...array_map(fn (HoldAdvice $advice) => [...$advice->for, ...$advice->against], $after));
        $this->assertContains($reason, $said);
        $earlier = array_merge(...array_map(fn (HoldAdvice $advice) => [...$advice->for, ...$advice->against], $this->ranked($before)));
        $this->assertNotContains($reason, $earlier);
    }

    public static function changes(): array
    {
        $plain = ['soil' => Soil::Sand, 'roof' => true];

        return [
            'repair later' => [['holdDown' => true] + $plain, ['repair' => true], Hold::Concrete, Hold::Gravel, HoldReason::GravelUsedAgain],
            'carrying' => [
                ['soil' => Soil::Gravel, 'noBrace' => false, 'wood' => false, 'banned' => [Hold::Earth, Hold::Driven, Hold::Gravel, Hold::Collar]],
                ['carried' => true], Hold::Concrete, Hold::Foam, HoldReason::LightestToCarry,
            ],
            'a ban' => [['holdDown' => true] + $plain, ['banned' => [Hold::Concrete]], Hold::Concrete, Hold::Gravel, HoldReason::NotAllowedHere],
            'water' => [['soil' => Soil::Sand], ['water' => true], Hold::Concrete, Hold::Gravel, HoldReason::TampsInTheWet],
            'a roof on what earth would hold' => [
                ['soil' => Soil::Gravel, 'carried' => true, 'noBrace' => false, 'banned' => [Hold::Foam, Hold::Driven]], ['roof' => true],
                Hold::Earth, Hold::Pier, HoldReason::EarthHoldsNothingDown,
            ],
            'the shelter, should a post be replaceable' => [
                ['soil' => Soil::SiltyOrClayeySand, 'roof' => true, 'carried' => true, 'holdDown' => true], ['repair' => true], Hold::Concrete,
                Hold::Gravel, HoldReason::GravelUsedAgain,
            ],
            'steel far from a road' => [
                ['soil' => Soil::Sand, 'wood' => false, 'noBrace' => false, 'repair' => true], ['carried' => true, 'banned' => [Hold::Foam]],
                Hold::Gravel, Hold::Driven, HoldReason::OnlyPostsCarried,
            ],
        ];
    }

    public function test_foam_is_never_possible_under_a_roof_and_what_is_banned_comes_last(): void
    {
        $ranked = $this->ranked(['soil' => Soil::Gravel, 'roof' => true, 'carried' => true, 'banned' => [Hold::Gravel]]);
        $this->assertSame([true, true, true, true, false, false, false], array_map(fn (HoldAdvice $advice) => $advice->possible, $ranked));
        $floor = $this->ranked(['soil' => Soil::Gravel, 'floor' => true, 'carried' => true, 'noBrace' => false, 'wood' => false]);
        $this->assertEqualsCanonicalizing(
            [Hold::Foam, Hold::Driven], array_map(fn (HoldAdvice $advice) => $advice->hold, array_slice($floor, 5)), 'a floor bears down as well',
        );
        $this->assertEqualsCanonicalizing(
            [Hold::Foam, Hold::Gravel, Hold::Driven], array_map(fn (HoldAdvice $advice) => $advice->hold, array_slice($ranked, 4)),
            'nothing is driven under a roof either',
        );
    }

    public function test_foam_never_leads_unbraced_or_wet_and_earth_and_gravel_never_under_a_roof_without_a_hold_down(): void
    {
        foreach (Soil::cases() as $soil) {
            foreach ([false, true] as $carried) {
                foreach ([['noBrace' => true], ['noBrace' => false, 'water' => true]] as $site) {
                    $this->assertNotSame(Hold::Foam, HoldAdviser::best(new HoldingSite(...['soil' => $soil, 'carried' => $carried] + $site)));
                }
                foreach ([false, true] as $repair) {
                    $roof = ['soil' => $soil, 'roof' => true, 'carried' => $carried, 'repair' => $repair];
                    $this->assertNotContains(HoldAdviser::best(new HoldingSite(...$roof)), [Hold::Earth, Hold::Gravel, Hold::Foam]);
                }
            }
        }
        $dry = ['soil' => Soil::Clay, 'noBrace' => false, 'roof' => true, 'repair' => true, 'banned' => [Hold::Pier]];
        $this->assertNotSame(Hold::Gravel, $this->ranked($dry)[0]->hold);
        $this->assertSame(Hold::Gravel, $this->ranked(['holdDown' => true] + $dry)[0]->hold);
        $this->assertSame(Hold::Gravel, $this->ranked(['roof' => false, 'floor' => true] + $dry)[0]->hold, 'nothing lifts a floor');
    }

    public function test_wet_ground_takes_the_lead_from_foam_that_stands_alone_on_the_list(): void
    {
        $only = [
            'soil' => Soil::Gravel, 'noBrace' => false,
            'banned' => array_values(array_filter(Hold::cases(), fn (Hold $hold) => $hold !== Hold::Foam)),
        ];
        $this->assertSame(Hold::Foam, HoldAdviser::best(new HoldingSite(...$only)));
        $this->assertNull(HoldAdviser::best(new HoldingSite(...['water' => true] + $only)));
        $this->assertNull(HoldAdviser::best(new HoldingSite(...['noBrace' => true] + $only)));
    }

    public function test_what_keeps_a_way_from_leading_is_told_before_all_else_and_only_there(): void
    {
        $against = array_column(
            array_map(
                fn (HoldAdvice $advice) => [$advice->hold->value, $advice->against],
                $this->ranked(['soil' => Soil::Sand, 'roof' => true, 'noBrace' => true]),
            ),
            1, 0,
        );
        $this->assertSame(
            [HoldReason::UnderARoofThatLifts, HoldReason::UnderARoofThatLifts, HoldReason::FoamAlone],
            [$against['earth'][0], $against['gravel'][0], $against['foam'][0]],
        );
        $this->assertNotContains(HoldReason::UnderARoofThatLifts, $against['concrete']);
        $this->assertNotContains(null, array_merge(...array_values($against)));
    }

    public function test_where_nothing_may_lead_nothing_is_called_best(): void
    {
        $site = ['soil' => Soil::Clay, 'roof' => true, 'banned' => [Hold::Concrete, Hold::Collar, Hold::Pier]];
        $this->assertNull(HoldAdviser::best(new HoldingSite(...$site)));
        $this->assertTrue($this->ranked($site)[0]->possible);
        $this->assertFalse($this->ranked($site)[0]->leads);
    }

    /** @return list<HoldAdvice> */
    private function ranked(array $site): array
    {
        return (new HoldAdviser(new HoldingSite(...$site)))->ranked;
    }
}
