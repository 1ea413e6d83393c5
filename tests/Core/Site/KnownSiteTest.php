<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Footing\Materials\Bag;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\KnownSite;
use Aequus\Site\SiteState;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What a site that knows little asks all the same, and what it asks once the work has gone on. */
final class KnownSiteTest extends TestCase
{
    public function test_without_any_rule_of_depth_no_hole_takes_more_than_the_deepest(): void
    {
        // 0.4 m across and 3.7 m deep is 0.465 m³, with a tenth for waste 0.511.
        $bags = fn (int $bags, Payload ...$before): array => $this->asked(new PostFilled($this->a1(), FillStep::Done, $bags), ...$before);
        self::assertNotContains(QuestionAbout::BagsMany, $bags(30));
        self::assertContains(QuestionAbout::BagsMany, $bags(500));
        $dug = [new HoleDug($this->a1(), Length::millimetres(600)), new PostSet($this->a1())];
        self::assertNotContains(QuestionAbout::BagsMany, $bags(8, ...$dug));
        self::assertContains(QuestionAbout::BagsMany, $bags(30, ...$dug), 'it is dug, and takes what was dug');
    }

    public function test_a_top_is_asked_about_though_no_mark_is_known(): void
    {
        $top = fn (float $above): array => $this->asked(new TopMeasured($this->a1(), Length::millimetres($above)), new PostSet($this->a1()));
        self::assertSame([], $top(2400));
        self::assertSame([QuestionAbout::TopsFarAboveTheLine], $top(24000));
    }

    public function test_only_a_post_that_stands_is_read_and_only_a_stake_without_one_is_moved(): void
    {
        self::assertSame([QuestionAbout::ReadBeforeSet], $this->asked(new TopMeasured($this->a1(), Length::millimetres(2400))));
        self::assertSame([], $this->asked(new StakeMoved($this->a1())));
        self::assertSame([QuestionAbout::MovedAfterSet], $this->asked(new StakeMoved($this->a1()), new PostSet($this->a1())));
    }

    public function test_nothing_that_was_not_poured_keeps_a_post_from_the_saw(): void
    {
        self::assertSame([], $this->asked(new PostCut($this->a1()), new PostSet($this->a1())));
        $filled = [new HoleDug($this->a1(), Length::millimetres(600)), new PostSet($this->a1()), new PostFilled($this->a1(), FillStep::Started)];
        self::assertSame([QuestionAbout::CutBeforeHard], $this->asked(new PostCut($this->a1()), ...$filled));
    }

    public function test_nothing_is_set_on_a_pier_before_it_is_hard(): void
    {
        $piers = Builds::plan()->withHolding(new Holding(Hold::Pier, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)));
        $asked = fn (string $now, Payload ...$before): array => array_map(fn (Question $question) => $question->about, (new PostSet($this->a1()))->questions(new KnownSite(SiteState::derive(
            $piers, Builds::log(new HoleDug($this->a1(), Length::millimetres(600)), ...$before)->entries, '2026-05-04', null, new DateTimeImmutable($now),
        ))));
        self::assertSame([QuestionAbout::SetOnFreshPier], $asked('2026-05-09 12:00 UTC'), 'never poured');
        self::assertSame([QuestionAbout::SetOnFreshPier], $asked('2026-05-04 12:00 UTC', new PostFilled($this->a1(), FillStep::Done)));
        self::assertSame([], $asked('2026-05-06 12:00 UTC', new PostFilled($this->a1(), FillStep::Done)));
        self::assertSame([QuestionAbout::SetOnFreshPier], $asked('2026-05-06 12:00 UTC', new PostFilled($this->a1(), FillStep::Done, 5, 0.0)), 'filled at freezing');
    }

    public function test_a_difference_is_known_with_its_sign(): void
    {
        $mm = Length::millimetres(...);
        [$a, $b] = [LevelPoint::of($this->a1()), LevelPoint::of(Builds::plan()->grid->labelled('B1')->id)];
        $known = new KnownSite(
            $this->site(
                new BenchmarkChosen('sill', Length::zero()), new RodReading(null, $mm(1500)), new RodReading($this->a1(), $mm(1700)),
                new RodReading($b->post, $mm(1400)),
            ),
        );
        // The ground at A1 lies 200 below the sill, at B1 100 above it.
        self::assertEqualsWithDelta(300.0, $known->expectedDifference($a, $b)?->inMillimetres(), 1e-6);
        self::assertEqualsWithDelta(-300.0, $known->expectedDifference($b, $a)?->inMillimetres(), 1e-6);
    }

    public function test_without_waste_it_would_take_fewer_bags(): void
    {
        $known = new KnownSite($this->site(new HoleDug($this->a1(), Length::millimetres(600))));
        $bag = Bag::of(Unit::Millimetre, 20.0);
        self::assertEqualsWithDelta(M_PI / 4 * 400 ** 2 * 600 * 1.1 / $bag->yield, $known->expectedBags($this->a1()), 1e-6);
    }

    public function test_a_filled_hole_is_not_measured_nor_filled_again_but_corrected(): void
    {
        $filled = [new HoleDug($this->a1(), Length::millimetres(600)), new PostSet($this->a1()), new PostFilled($this->a1(), FillStep::Done)];
        $hole = new HoleDug($this->a1(), Length::millimetres(610));
        self::assertSame([QuestionAbout::DugAfterFilled], $this->asked($hole, ...$filled));
        self::assertSame(
            [], array_map(fn (Question $question) => $question->about, $hole->questions(new KnownSite($this->site(...$filled), isCorrection: true))),
        );
        self::assertSame([QuestionAbout::FilledAlready], $this->asked(new PostFilled($this->a1(), FillStep::Done), ...$filled));
        self::assertSame([], $this->asked(new PostFilled($this->a1(), FillStep::StillWet), ...$filled));
        self::assertSame([], $this->asked(new PostFilled($this->a1(), FillStep::Stripped), ...$filled));
    }

    /** @return list<QuestionAbout> */
    private function asked(Payload $entry, Payload ...$before): array
    {
        return array_map(fn (Question $question) => $question->about, $entry->questions(new KnownSite($this->site(...$before))));
    }

    private function site(Payload ...$before): SiteState
    {
        return SiteState::derive(
            Builds::plan(), array_map(fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), $before, array_keys($before)), '2026-06-01',
        );
    }

    private function a1(): PostId
    {
        return Builds::plan()->grid->labelled('A1')->id;
    }
}
