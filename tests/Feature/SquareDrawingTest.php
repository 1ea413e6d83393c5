<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\BoardRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Layout\StringRun;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use App\Demo\BirdHide;
use App\Demo\LoadDemo;
use App\Demo\ReadFrom;
use App\Demo\Shelter;
use App\Drawing\Drawn\DrawnStake;
use App\Drawing\PlanDrawing;
use App\Drawing\SquareDrawing;
use App\Square\ReadingSheet;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Builds;
use Tests\FeatureTestCase;

/** The working drawing, as numbers: what would be seen. */
final class SquareDrawingTest extends FeatureTestCase
{
    public static function sites(): Generator
    {
        yield 'the shelter, half read' => [self::site(Shelter::plan(), Shelter::job(LoadDemo::SEED, '2026-05-01')->entries)];
        $hide = BirdHide::job(LoadDemo::SEED, '2026-05-01');
        yield 'the hide, all posts set' => [self::site($hide->plan, $hide->entries)];
        $large = Builds::plan(array_fill(0, 9, 2400), array_fill(0, 9, 3000));
        yield 'a hundred posts' => [self::site($large, Builds::readings($large, ['E5' => [40, 0]]))];
        yield 'one post' => [self::site(Builds::plan([], []), [])];
    }

    public function test_strings_are_drawn_where_they_are_stretched(): void
    {
        $drawn = function (Plan $plan): array {
            $site = self::site($plan, []);

            return [count(PlanDrawing::ofPlan($plan)->strings), count(SquareDrawing::of($site, new ReadingSheet($site))->strings)];
        };
        $this->assertSame([5, 5], $drawn(Builds::plan([2400, 2400], [3000])));
        $this->assertSame([1, 1], $drawn(Builds::plan([2400, 2400], [])));
        $this->assertSame([1, 1], $drawn(Builds::plan([], [3000])));
        $this->assertSame([0, 0], $drawn(Builds::plan([], [])));
        // Along both faces there are two strings on each line.
        $boards = new BoardRules(Length::millimetres(1000), Length::millimetres(900));
        $this->assertSame([5, 10], $drawn(Builds::plan([2400, 2400], [3000])->withLayout(new LayoutRules(
            ChosenPlacement::BaseLine, ReadingList::Full, TapeClass::Steel, null, StringRun::bothFaces(), $boards, Length::zero(),
        ))));
    }

    #[DataProvider('sites')]
    public function test_no_label_covers_another_and_none_leaves_the_paper(SiteState $site): void
    {
        $drawing = SquareDrawing::of($site, new ReadingSheet($site));
        $this->assertGreaterThanOrEqual(count($site->plan->grid->posts), count($drawing->labels));
        foreach ($drawing->labels as $i => $one) {
            [$left, $top, $right, $bottom] = $one->box;
            $this->assertTrue(
                $left >= 0 && $top >= 0 && $right <= $drawing->frame::WIDTH && $bottom <= $drawing->frame->height, strip_tags($one->text),
            );
            foreach (array_slice($drawing->labels, $i + 1) as $other) {
                $apart = $right <= $other->box[0] || $other->box[2] <= $left || $bottom <= $other->box[1] || $other->box[3] <= $top;
                $this->assertTrue($apart, strip_tags($one->text).' covers '.strip_tags($other->text));
            }
        }
    }

    public function test_a_stake_that_is_out_is_drawn_where_it_stands_enlarged_by_the_factor_that_is_written(): void
    {
        $plan = Builds::plan([2400, 2400], [3000]);
        $site = self::site($plan, Builds::readings($plan, ['B2' => [25, -10]]));
        $drawing = SquareDrawing::of($site, new ReadingSheet($site));
        $b2 = array_values(array_filter($drawing->stakes, fn (DrawnStake $stake) => $stake->post->label === 'B2'))[0];
        $this->assertSame('out', $b2->shape);
        $this->assertGreaterThan(1, $drawing->factor);
        $unit = $drawing->frame->x($plan->grid->labelled('B1')->at->x) - $drawing->frame->x($plan->grid->labelled('A1')->at->x);
        // It stands 25 toward the stream and 10 toward the lane: right and down on the paper.
        $this->assertEqualsWithDelta(25 * $drawing->factor * $unit / 2400, $b2->stands[0] - $b2->x, 1.5);
        $this->assertEqualsWithDelta(10 * $drawing->factor * $unit / 2400, $b2->stands[1] - $b2->y, 1.5);
    }

    public function test_what_looks_out_before_all_is_read_is_not_drawn_as_out(): void
    {
        $plan = Builds::plan([2400, 2400], [3000]);
        $site = self::site($plan, array_slice(Builds::readings($plan, ['B2' => [25, 0]]), 0, -1));
        $shapes = array_map(fn (DrawnStake $stake) => $stake->shape, SquareDrawing::of($site, new ReadingSheet($site))->stakes);
        $this->assertNotContains('out', $shapes);
    }

    private static function site(Plan $plan, array $payloads): SiteState
    {
        return SiteState::derive($plan, ReadFrom::payloads($payloads), '2026-06-01');
    }
}
