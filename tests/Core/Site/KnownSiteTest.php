<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\KnownSite;
use Aequus\Site\SiteState;
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

    public function test_a_filled_hole_is_not_measured_nor_filled_again_but_corrected(): void
    {
        $filled = [new HoleDug($this->a1(), Length::millimetres(600)), new PostSet($this->a1()), new PostFilled($this->a1(), FillStep::Done)];
        $hole = new HoleDug($this->a1(), Length::millimetres(610));
        self::assertSame([QuestionAbout::DugAfterFilled], $this->asked($hole, ...$filled));
        self::assertSame([], array_map(fn (Question $question) => $question->about, $hole->questions(new KnownSite($this->site(...$filled), isCorrection: true))));
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
        return SiteState::derive(Builds::plan(), array_map(fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), $before, array_keys($before)), '2026-06-01');
    }

    private function a1(): PostId
    {
        return Builds::plan()->grid->labelled('A1')->id;
    }
}
