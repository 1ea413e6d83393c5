<?php

declare(strict_types=1);

namespace Tests\Core\Diary;

use Aequus\Days\Task;
use Aequus\Diary\DoneSoFar;
use Aequus\Diary\JobToDo;
use Aequus\Diary\ToDo;
use Aequus\Frame\UsualFrame;
use Aequus\Guide\Cut\BuildFrame;
use Aequus\Guide\Cut\CutPosts;
use Aequus\Guide\Cut\DecideTops;
use Aequus\Guide\Footing\DigHoles;
use Aequus\Guide\Guide;
use Aequus\Guide\Handover\HandOver;
use Aequus\Guide\Level\ReadGround;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Set\FillPosts;
use Aequus\Guide\Set\SetPosts;
use Aequus\Guide\Set\TakeBracesOff;
use Aequus\Guide\Square\PullTapes;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use DateTimeZone;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;

/** A builder who does what the next move says, from bare ground to the hand-over: whatever it is, the days count that work as the first that is left. */
final class NextMoveAndDaysTest extends TestCase
{
    #[TestWith([Hold::Concrete, ['stake', 'ground', 'dig', 'set', 'fill', 'cut', 'strip', 'frame']])]
    #[TestWith([Hold::Pier, ['stake', 'ground', 'dig', 'fill', 'set', 'cut', 'frame']])]
    #[TestWith([Hold::Gravel, ['stake', 'ground', 'dig', 'set', 'fill', 'cut', 'frame']])]
    #[TestWith([Hold::Concrete, ['stake', 'ground', 'dig', 'set', 'fill', 'cut', 'strip', 'frame'], []])]
    public function test_the_next_move_is_always_of_the_work_that_days_count_first(Hold $hold, array $tasks, array $baysY = [3000]): void
    {
        $builder = new SimulatedBuilder(Builds::plan(baysX: [2400], baysY: $baysY)->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)), Length::zero(), Length::millimetres(100), Length::millimetres(50), DepthMode::CommonPlane,
        ))->withHolding(new Holding($hold, new HoldingSite(Soil::SiltyOrClayeySand), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)))
            ->withTops(new TopRules(Length::millimetres(2300), Slope::level(), Slope::level(), Length::millimetres(1200)))
            ->withFrame(UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail()));
        $seen = [];
        $builder->until(function (SiteState $site) use ($builder, $baysY, &$seen): bool {
            $move = $builder->next();
            $task = $move === null ? null : self::task($move);
            $left = array_map(fn (ToDo $one) => $one->task->value, (new JobToDo($site, new DateTimeZone('UTC')))->all);
            // What is done of the stakes and what is left of them are all of them, until posts stand.
            $stakes = array_values(array_filter((new JobToDo($site, new DateTimeZone('UTC')))->all, fn (ToDo $one) => $one->task === Task::Stake))[0]->pieces ?? 0;
            $this->assertSame(4 - ($baysY === [] ? 2 : 0), $stakes + ((new DoneSoFar($site))->pieces[Task::Stake->value] ?? 0));
            if ($task !== null) {
                $this->assertSame($task->value, $left[0] ?? null, $move->do->is->name);
                $seen[$task->value] = true;
            } elseif ($move === null || $move->is(HandOver::HandOver)) {
                $this->assertSame([], $left);
            }

            return false;
        });
        $this->assertSame($tasks, array_keys($seen));
        $this->assertNotNull($builder->site()->handedOver());
    }

    /**
     * Somebody set posts first and taped nothing: it is still to be taped, in both, until they are filled. Then they stay where they are, nobody is sent
     * to tape them, nothing of it is called done, and the hand-over says that it was never proved.
     */
    public function test_posts_that_stand_and_were_never_taped(): void
    {
        $plan = Builds::plan(baysX: [2400], baysY: [3000]);
        $after = function (Payload ...$said) use ($plan): array {
            $said = array_merge(array_map(fn (Post $post) => new PostSet($post->id), $plan->grid->posts), array_values($said));
            $site = SiteState::derive($plan, array_map(fn (Payload $one, int $i) => Builds::entry($one, $i + 1), $said, array_keys($said)), '2026-06-01');
            $left = array_values(array_filter((new JobToDo($site, new DateTimeZone('UTC')))->all, fn (ToDo $one) => $one->task === Task::Stake));
            $why = array_merge([], ...array_map(fn (Move $move) => array_map(fn ($fact) => $fact->is, $move->why), [...HandOver::moves($site)]));

            return [
                Guide::next($site, Scope::phase(Phase::Square))?->is(PullTapes::PullTape) ?? false, $left[0]->pieces ?? 0,
                (new DoneSoFar($site))->pieces[Task::Stake->value] ?? 0, in_array(HandOver::LayoutNotProved, $why, true),
            ];
        };
        $fills = array_map(fn (Post $post) => new PostFilled($post->id, FillStep::Done), $plan->grid->posts);
        $this->assertSame([true, 4, 0, true], $after());
        // One of them can still be moved: what joins it to the others still tells.
        $this->assertSame([true, 4, 0, true], $after(...array_slice($fills, 1)));
        $this->assertSame([false, 0, 0, true], $after(...$fills));
        $this->assertSame([false, 0, 4, false], $after(...Builds::readings($plan), ...$fills));
    }

    /** Nobody decided where the tops shall be: they are to be cut all the same, and no day is promised without it. */
    public function test_tops_that_nobody_decided_yet_are_left_to_be_cut(): void
    {
        $plan = Builds::plan(baysX: [2400], baysY: [3000]);
        $posts = $plan->grid->posts;
        $done = array_merge([], ...array_map(fn (Post $post) => [new PostSet($post->id), new PostFilled($post->id, FillStep::Done), new PostFilled($post->id, FillStep::Stripped)], $posts));
        $entries = array_map(fn (Payload $one, int $i) => Builds::entry($one, $i + 1, at: '2026-05-04 10:00:00'), $done, array_keys($done));
        $site = SiteState::derive($plan, $entries, '2026-06-01');
        $this->assertTrue(Guide::next($site, Scope::phase(Phase::Cut))?->is(DecideTops::DecideTops));
        $left = array_filter((new JobToDo($site, new DateTimeZone('UTC')))->all, fn (ToDo $one) => $one->task === Task::CutTops);
        $this->assertSame(4, array_values($left)[0]->pieces ?? 0);
    }

    private static function task(Move $move): ?Task
    {
        return match ($move->do->is) {
            PullTapes::PullTape => Task::Stake,
            ReadGround::ReadGround => Task::ReadGround,
            DigHoles::DigHole => Task::Dig,
            SetPosts::SetPost => Task::SetPosts,
            FillPosts::FillPost, FillPosts::PourPier => Task::Fill,
            CutPosts::CutPost => Task::CutTops,
            TakeBracesOff::TakeBracesOff => Task::TakeBracesOff,
            BuildFrame::BuildFrame => Task::BuildFrame,
            default => null,
        };
    }
}
