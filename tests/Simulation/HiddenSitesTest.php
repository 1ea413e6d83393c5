<?php

declare(strict_types=1);

namespace Tests\Simulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Thirty hidden sites of each layout and trouble, with the seed whose three hundred are in docs/rates.md. Each limit is that rate with the margin
 * that thirty sites allow: two to three standard deviations.
 */
final class HiddenSitesTest extends TestCase
{
    private const SITES = 30;

    private const SEED = 2026;

    /** @return iterable<string, array{string}> */
    public static function layouts(): iterable
    {
        foreach (array_keys(HiddenSites::layouts()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('layouts')]
    public function test_no_wrong_site_is_ever_called_within(string $layout): void
    {
        foreach (Trouble::cases() as $trouble) {
            self::assertSame(0, $this->counts($layout, $trouble)[SiteCount::WronglyWithin->value], $trouble->value);
        }
    }

    #[DataProvider('layouts')]
    public function test_a_right_site_is_proved_and_nobody_is_accused(string $layout): void
    {
        $counts = $this->counts($layout, Trouble::None);
        $this->assertAtLeast(26, $counts, SiteCount::Within);
        $this->assertAtMost(0, $counts, SiteCount::RightStakeOut);
        $this->assertAtMost(2, $counts, SiteCount::RightReadingAccused);
        $this->assertAtMost(1, $counts, SiteCount::RoughSaid);
    }

    #[DataProvider('layouts')]
    public function test_one_wrong_stake_is_named_alone(string $layout): void
    {
        $counts = $this->counts($layout, Trouble::Stake);
        $this->assertAtLeast(28, $counts, SiteCount::WrongStakeAlone);
        $this->assertAtMost(0, $counts, SiteCount::RightStakeOut);
        $this->assertAtMost(0, $counts, SiteCount::RightReadingDropped);
    }

    #[DataProvider('layouts')]
    public function test_one_wrong_tape_is_among_those_named_and_no_right_one_is_dropped_for_it(string $layout): void
    {
        foreach ([Trouble::Tape, Trouble::Both] as $trouble) {
            $counts = $this->counts($layout, $trouble);
            $this->assertAtLeast(29, $counts, SiteCount::EverySlipNamed);
            $this->assertAtMost(0, $counts, SiteCount::RightReadingDropped);
            $this->assertAtMost(0, $counts, SiteCount::RightStakeOut);
        }
    }

    #[DataProvider('layouts')]
    public function test_two_slips_are_named(string $layout): void
    {
        $counts = $this->counts($layout, Trouble::TwoTapes);
        $this->assertAtLeast(24, $counts, SiteCount::EverySlipNamed);
        $this->assertAtMost(4, $counts, SiteCount::RightReadingDropped);
    }

    #[DataProvider('layouts')]
    public function test_rough_tapes_are_seldom_taken_for_mistakes(string $layout): void
    {
        $counts = $this->counts($layout, Trouble::RoughTapes);
        $this->assertAtMost(0, $counts, SiteCount::RightReadingDropped);
        $this->assertAtMost(10, $counts, SiteCount::RightReadingAccused);
        if ($layout !== '2 × 2') { // six tapes are too few to tell rough from right
            $this->assertAtLeast(5, $counts, SiteCount::RoughSaid);
        }
    }

    #[DataProvider('layouts')]
    public function test_a_grid_out_of_parallel_with_its_wall_is_told(string $layout): void
    {
        $counts = $this->counts($layout, Trouble::Askew);
        $this->assertAtLeast(29, $counts, SiteCount::OutOfParallelTold);
        $this->assertAtMost(0, $counts, SiteCount::Within);
    }

    /** @return array<string, int> */
    private function counts(string $layout, Trouble $trouble): array
    {
        return HiddenSites::run(HiddenSites::layouts()[$layout], $trouble, self::SITES, self::SEED);
    }

    /** @param  array<string, int>  $counts */
    private function assertAtLeast(int $least, array $counts, SiteCount $what): void
    {
        self::assertGreaterThanOrEqual($least, $counts[$what->value], $what->value);
    }

    /** @param  array<string, int>  $counts */
    private function assertAtMost(int $most, array $counts, SiteCount $what): void
    {
        self::assertLessThanOrEqual($most, $counts[$what->value], $what->value);
    }
}
