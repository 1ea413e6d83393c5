<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\PlanChange;
use Aequus\Site\SiteState;
use Aequus\Words\Plan\ChangeWords;
use App\Actions\RevisePlan;
use App\Plan\PlanForm;
use App\Site\ReadSite;
use App\View\Stepper;
use App\View\StepperStanding;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\FeatureTestCase;

/** A plan changes; nothing that was built or written goes silently, and it comes back with what it belonged to. */
final class PlanChangeTest extends FeatureTestCase
{
    private \App\Models\User $user;

    private \App\Models\Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person();
        $this->actingAs($this->user);
        $this->job = $this->job($this->user, Builds::plan(baysX: [2400, 2400, 2400], baysY: [3000]));
        foreach (['D1', 'D2'] as $label) {
            $this->write(
                $this->job, $this->user, new HoleDug($this->id($label), Length::millimetres(1100)), new PostSet($this->id($label)),
                new PostFilled($this->id($label), FillStep::Done, 6, 15.0),
            );
        }
    }

    public function test_a_column_with_records_goes_only_when_that_is_said_and_comes_back_with_them(): void
    {
        $this->revise(['bays_x' => '2400; 2400', 'change_x' => '3'])->assertSessionHasErrors('change');
        $says = session('errors')->first('change');
        $this->assertStringContainsString('removes D1, D2: 2 posts stand in filled holes, 6 entries', $says);
        $this->assertSame(1, $this->number());
        $this->revise(['bays_x' => '2400; 2400', 'change_x' => '3', 'sure' => '1'])->assertSessionHasNoErrors();
        $this->assertSame(['A', 'B', 'C'], $this->columns());
        $this->get("/jobs/{$this->job->id}/logbook")->assertSee('Post D1 (no longer in the plan) set');
        $this->revise(['bays_x' => '2400; 2400; 2500', 'change_x' => '3'], 2)->assertSessionHasNoErrors();
        $this->assertTrue($this->state()->standing($this->state()->plan->grid->labelled('D2'))->set, 'D2 came back with its records');
        $this->get("/jobs/{$this->job->id}/logbook")->assertSee('Post D1 set')->assertDontSee('no longer in the plan');
    }

    public function test_posts_that_stand_are_not_moved_silently(): void
    {
        $this->revise(['bays_x' => '2400; 2400; 2600', 'change_x' => '4'])->assertSessionHasErrors('change');
        $this->assertStringContainsString('D1, D2 stand already', session('errors')->first('change'));
        $this->revise(['bays_x' => '2300; 2500; 2400', 'change_x' => '4'])->assertSessionHasNoErrors();
    }

    public function test_any_plan_can_be_looked_at_and_returned_to_without_giving_an_id_twice(): void
    {
        $this->revise(['bays_x' => '2400; 2400', 'change_x' => '3', 'sure' => '1']);
        $this->revise(['bays_x' => '2400; 2400; 2400', 'change_x' => '0'], 2);
        $this->get("/jobs/{$this->job->id}/plan/1")->assertOk()->assertSee('8 posts')->assertSee('D1, D2 come back with 6 entries')->assertSee('Back to revision 1');
        $this->post("/jobs/{$this->job->id}/plan/1/back", ['based_on' => '3'])->assertSessionHasNoErrors();
        $this->assertSame(4, $this->number());
        $this->assertTrue($this->state()->standing($this->state()->plan->grid->labelled('D1'))->set);
        $this->assertGreaterThan(5, $this->state()->plan->grid->columns->next, 'the column that stood meanwhile keeps its id');
        $this->get("/jobs/{$this->job->id}/plan/9")->assertNotFound();
    }

    public function test_walls_lines_and_falling_tops_stay_where_they_are_when_the_first_column_goes(): void
    {
        $plan = $this->job->revision->plan()->withTops(
            new TopRules(Length::millimetres(2300), Slope::ratio(0.01), Slope::level(), Length::millimetres(1200)),
        );
        app(RevisePlan::class)($this->job, $this->user, $plan, 'Tops', 1);
        $this->write(
            $this->job, $this->user,
            new ServiceLine(ServiceType::Water, 'water', Length::millimetres(500), [$this->point(6000, -2000), $this->point(6000, 5000)]),
        );
        $this->post(
            "/jobs/{$this->job->id}/plan/line",
            [
                'based_on' => '2', 'line_name' => 'barn', 'line_kind' => 'wall', 'line_holds' => 'parallel', 'line_side' => 'plus_x',
                'line_near' => '900', 'line_far' => '',
            ],
        )->assertSessionHasNoErrors();
        $top = $this->state()->plan->tops?->topOf($this->state()->plan->grid->labelled('C1'));
        $this->revise(['bays_x' => '2400; 2400', 'change_x' => '0', 'sure' => '1'], 3)->assertSessionHasNoErrors();
        $site = $this->state();
        $b1 = $site->plan->grid->labelled('B1');
        $this->assertEquals(Length::millimetres(2400), $b1->at->x);
        $this->assertEquals($top, $site->plan->tops?->topOf($b1), 'the same post keeps its top');
        $this->assertEquals(Length::millimetres(3600), array_values($site->clear->services)[0]->points[0]->x);
        $this->assertEquals(Length::millimetres(900), $site->plan->layout->fixedLines[0]->off($site->plan->grid->labelled('C1')->at)->magnitude());
        $this->assertSame([], array_map(fn ($post) => $post->label, (new \Aequus\Site\PlanChange($site, $site->plan))->moved));
    }

    public function test_what_stands_and_what_is_filled_is_told_apart(): void
    {
        $told = function (string ...$filled): string {
            $job = $this->job($this->user, Builds::plan(baysX: [2400, 2400, 2400], baysY: [3000]));
            foreach (['D1', 'D2'] as $label) {
                $this->write($job, $this->user, new PostSet($this->id($label)));
            }
            foreach ($filled as $label) {
                $this->write($job, $this->user, new PostFilled($this->id($label), FillStep::Done, 6, 15.0));
            }

            return ChangeWords::say(new PlanChange(app(ReadSite::class)->site($job)->state, Builds::plan(baysX: [2400, 2400], baysY: [3000])))[0];
        };
        $this->assertStringContainsString('D1, D2: 2 posts stand, 2 entries', $told());
        $this->assertStringContainsString('D1, D2: 2 posts stand, 1 of them with the hole filled, 3 entries', $told('D1'));
        $this->assertStringContainsString('D1, D2: 2 posts stand in filled holes, 4 entries', $told('D1', 'D2'));
    }

    public function test_a_hand_over_belongs_to_its_plan(): void
    {
        $this->write($this->job, $this->user, new HandedOver('the owner', ''));
        $page = fn () => $this->get("/jobs/{$this->job->id}/handover")->assertOk();
        $page()->assertSee('Handed over to the owner')->assertSee('posts are not complete in the book');
        $this->assertSame(StepperStanding::Out, $this->handover(), 'what is missing is not hidden by a name');
        $this->get("/jobs/{$this->job->id}/set")->assertDontSee('the plan was changed since');
        $this->revise(['bays_x' => '2400; 2400; 2400', 'change_x' => '4', 'standing' => '2500']);
        $page()->assertDontSee('Handed over to the owner')->assertSee('the plan was changed since');
        $this->assertNull($this->state()->handedOver());
        $this->assertSame(StepperStanding::Out, $this->handover());
        foreach (['set', 'plan', 'logbook', 'footing/dig', 'square/sheet'] as $path) {
            $this->get("/jobs/{$this->job->id}/{$path}")->assertSee('the plan was changed since');
        }
    }

    private function handover(): StepperStanding
    {
        $stakes = (new Stepper(app(ReadSite::class)->site($this->fresh()), null))->stakes;

        return $stakes[count($stakes) - 1]->standing;
    }

    /** @param  array<string, string>  $typed */
    private function revise(array $typed, int $basedOn = 1): TestResponse
    {
        $form = PlanForm::of($this->fresh()->revision->plan());
        $fields = [];
        foreach ([
            'kind', 'notation', 'side_minus_y', 'side_plus_y', 'side_minus_x', 'side_plus_x', 'tolerance', 'squareness', 'post_shape', 'post_b',
            'post_d', 'hole', 'standing', 'by_x', 'by_y', 'bays_x', 'bays_y', 'held_x', 'held_y', 'left_out',
        ] as $field) {
            $fields[$field] = $form->value($field);
        }

        return $this->post(
            "/jobs/{$this->job->id}/plan",
            $typed + ['reason' => 'because', 'based_on' => (string) $basedOn, 'form' => 'plan', 'change_y' => '2'] + $fields,
        );
    }

    private function fresh(): \App\Models\Job
    {
        return $this->job->fresh() ?? $this->job;
    }

    private function state(): SiteState
    {
        return app(ReadSite::class)->site($this->fresh())->state;
    }

    private function number(): int
    {
        return $this->fresh()->revision->number;
    }

    /** @return list<string> */
    private function columns(): array
    {
        return array_values(array_unique(array_map(fn ($post) => $post->label[0], $this->state()->plan->grid->posts)));
    }

    private function id(string $label): PostId
    {
        return $this->fresh()->revision->plan()->grid->labelled($label)->id;
    }

    private function point(int $x, int $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
