<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Site\KnownSite;
use Aequus\Site\SiteState;
use Aequus\Square\SquareVerdict;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** Stakes roughly first, to a hand’s breadth; boards and strings take over, and the tolerance is proved on them. */
final class RoughStageTest extends TestCase
{
    public function test_few_tapes_are_asked_for_and_no_verdict_to_the_tolerance_is_given(): void
    {
        self::assertCount(6, $this->site()->square->wanted);
        self::assertSame(SquareVerdict::NothingRead, $this->site()->square->verdict());
        // 60 mm off is out by ten tolerances and near enough for a stake that digging takes.
        $rough = $this->site(...$this->rough(['C2' => [60.0, 0.0]]));
        self::assertSame(SquareVerdict::Rough, $rough->square->verdict());
        self::assertFalse($rough->square->holds());
        self::assertSame([], $rough->square->toMove());
        self::assertSame('Set the batter boards and pull the strings', Told::do(Guide::next($rough, Scope::job())));
    }

    public function test_a_stake_more_than_a_hand_off_is_set_nearer_first(): void
    {
        $site = $this->site(...$this->rough(['C2' => [140.0, 0.0]]));
        self::assertSame(SquareVerdict::RoughOff, $site->square->verdict());
        $move = Guide::next($site, Scope::job());
        self::assertStringStartsWith('Set the stakes nearer and pull', Told::do($move));
        self::assertContains('C2', array_map(fn ($post) => $post->label, $move->posts ?? []));
        $read = array_map(
            fn (TapeReading $tape) => $tape, array_values(array_filter($this->rough([]), fn (Payload $one) => $one instanceof TapeReading)),
        );
        self::assertSame(
            SquareVerdict::Rough, $this->site(...$this->rough(['C2' => [140.0, 0.0]]), ...$read)->square->verdict(), 'the newest tape counts',
        );
    }

    public function test_once_the_boards_stand_everything_is_read_anew_and_the_tolerance_is_proved(): void
    {
        $before = $this->rough(['C2' => [60.0, 0.0]]);
        $up = $this->site(...[...$before, new BoardsUp]);
        self::assertGreaterThan(6, count($up->square->wanted));
        self::assertSame(SquareVerdict::NothingRead, $up->square->verdict(), 'what was read between rough stakes is old');
        self::assertStringStartsWith('Pull the tape', Told::do(Guide::next($up, Scope::job())));
        $proved = $this->site(...[...$before, new BoardsUp, ...Builds::readings($this->plan())]);
        self::assertSame(SquareVerdict::Within, $proved->square->verdict());
        $off = $this->site(...[...$before, new BoardsUp, ...Builds::readings($this->plan(), ['B2' => [30.0, 0.0]])]);
        self::assertSame(SquareVerdict::Out, $off->square->verdict());
    }

    public function test_a_grid_far_off_its_wall_is_told_before_boards_carry_it(): void
    {
        $plan = $this->plan();
        $off = Length::millimetres(1800);
        $walled = $plan->withLayout(
            $plan->layout->heldBy([FixedLine::beside('line-2', 'wall', $plan->grid, Side::MinusY, $off, $off, FixedKind::Wall, null)]),
        );
        self::assertTrue($walled->layout->roughFirst, 'a wall put on the plan changes nothing of that');
        $read = fn (float $ofA1) => $this->siteOf($walled, [...$this->rough([]), ...array_map(
            fn (string $label, float $reads) => new LineReading(
                $plan->grid->labelled($label)->id, Length::millimetres($reads), 'line-2', TapeClass::Steel,
            ), ['A1', 'C1'], [$ofA1, 1790.0],
        )]);
        self::assertSame(
            SquareVerdict::ReadingsMissing, $this->siteOf($walled, $this->rough([]))->square->verdict(), 'the wall was not measured yet',
        );
        self::assertSame(SquareVerdict::Rough, $read(1830.0)->square->verdict());
        self::assertSame(SquareVerdict::RoughOff, $read(2300.0)->square->verdict());
        self::assertSame('Set the stake nearer and measure A1 off wall again', Told::do(Guide::next($read(2300.0), Scope::job())));
    }

    public function test_where_there_are_no_four_corners_every_stake_is_taped_before_the_boards(): void
    {
        $usual = $this->plan()->layout;
        $l = Builds::plan([2400, 2400, 2400], [2400, 2400, 2400], ['C3', 'D3', 'C4', 'D4'])->withLayout($usual);
        $touched = array_merge(
            ...array_map(fn ($wanted) => array_map(fn ($post) => $post->label, $wanted->posts()), $this->siteOf($l, [])->square->wanted),
        );
        self::assertEqualsCanonicalizing(array_map(fn ($post) => $post->label, $l->grid->posts), array_unique($touched));
        $far = array_values(array_filter(Builds::readings($l, ['B4' => [0.0, 600.0]]), fn (Payload $one) => $one instanceof TapeReading));
        self::assertSame(SquareVerdict::RoughOff, $this->siteOf($l, $far)->square->verdict());
    }

    public function test_a_tape_between_rough_stakes_is_asked_about_beyond_what_the_others_scatter(): void
    {
        $asked = function (SiteState $site, float $offThePlan): array {
            [$from, $to] = [$this->plan()->grid->labelled('A1'), $this->plan()->grid->labelled('C1')];
            $tape = new TapeReading($from->id, $to->id, Length::millimetres(4800 + $offThePlan), TapeClass::Steel);

            return array_map(fn (Question $question) => $question->about, $tape->questions(new KnownSite($site)));
        };
        // Nothing read yet: 300 mm, for 5 % of 4800 is less.
        self::assertSame([], $asked($this->site(), 299.0));
        self::assertSame([QuestionAbout::TapeFarFromPlan], $asked($this->site(), 301.0));
        // Six tapes that fit: half of that is far.
        self::assertSame([], $asked($this->site(...$this->rough([])), 149.0));
        self::assertSame([QuestionAbout::TapeFarFromPlan], $asked($this->site(...$this->rough([])), -151.0));
        // Stakes set by the foot scatter, and so may the next one.
        $scattered = $this->site(...$this->rough(['A1' => [-60.0, 0.0], 'C1' => [0.0, -60.0], 'A2' => [0.0, 60.0], 'C2' => [60.0, 0.0]]));
        $bound = $scattered->square->farBeyond(Length::millimetres(4800))->inMillimetres();
        self::assertGreaterThan(300.0, $bound);
        self::assertSame([], $asked($scattered, $bound - 1));
        self::assertSame([QuestionAbout::TapeFarFromPlan], $asked($scattered, $bound + 1));
    }

    public function test_with_few_tapes_a_long_one_may_be_further_off(): void
    {
        $long = $this->siteOf(Builds::plan([9000], [3000]), []);
        self::assertSame(
            [300.0, 450.0],
            array_map(fn (float $planned) => $long->square->farBeyond(Length::millimetres($planned))->inMillimetres(), [3000.0, 9000.0]),
        );
    }

    public function test_boards_struck_again_bring_the_rough_stage_back(): void
    {
        $before = $this->rough([]);
        $struck = $this->site(...[...$before, new BoardsUp, new Strike(count($before) + 1, 'not yet')]);
        self::assertSame(SquareVerdict::Rough, $struck->square->verdict());
    }

    public function test_who_squares_on_stakes_alone_can(): void
    {
        $site = $this->siteOf(Builds::plan(), Builds::readings(Builds::plan()));
        self::assertNull($site->square->rough);
        self::assertSame(SquareVerdict::Within, $site->square->verdict());
    }

    private function plan(): Plan
    {
        $plan = Builds::plan();
        $usual = $plan->layout;

        return $plan->withLayout(
            new LayoutRules($usual->placement, $usual->list, $usual->tape, null, $usual->strings, $usual->boards, $usual->cover, roughFirst: true),
        );
    }

    /**
     * The six tapes of the outline, as they read with stakes so far off.
     *
     * @param  array<string, array{float, float}>  $off
     * @return list<Payload>
     */
    private function rough(array $off): array
    {
        $at = [];
        foreach ($this->plan()->grid->posts as $post) {
            $at[$post->id->value] = [
                $post->at->x->inMillimetres() + ($off[$post->label][0] ?? 0.0), $post->at->y->inMillimetres() + ($off[$post->label][1] ?? 0.0),
            ];
        }
        $tapes = array_map(function ($wanted) use ($at): TapeReading {
            [$from, $to] = [$wanted->ends()->from->id, $wanted->ends()->to->id];

            return new TapeReading(
                $from, $to, Length::millimetres(round(hypot($at[$from->value][0] - $at[$to->value][0], $at[$from->value][1] - $at[$to->value][1]))),
                TapeClass::Steel,
            );
        }, $this->site()->square->wanted);

        return [new NoticeAsked('2026-05-01', 3, ''), ...$tapes];
    }

    private function site(Payload ...$said): SiteState
    {
        return $this->siteOf($this->plan(), array_values($said));
    }

    /** @param  list<Payload>  $said */
    private function siteOf(Plan $plan, array $said): SiteState
    {
        return SiteState::derive(
            $plan, array_map(fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), $said, array_keys($said)), '2026-05-20',
        );
    }
}
