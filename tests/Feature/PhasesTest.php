<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Terms\Side;
use App\Site\ReadSite;
use App\View\Stepper;
use App\View\StepperStake;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\JobTestCase;

/** What each phase says on screen, on a 2 × 2 frame of 5400 by 3600 mm. */
final class PhasesTest extends JobTestCase
{
    private const FOOTING = [
        'form' => 'rules', 'based_on' => '1', 'frost' => '900', 'margin' => '100', 'embedment_by' => 'length', 'embedment' => '600', 'pad' => '100',
        'gravel' => '100', 'least_gravel' => '50', 'mode' => 'own', 'asked_plane' => '', 'finished_grade' => '', 'fill_before_first_frost' => '0',
    ];

    private const TOPS = [
        'form' => 'tops', 'based_on' => '1', 'height' => '2300', 'datum_line' => '1200', 'falls_toward' => '', 'fall' => '', 'fall_over' => '1000',
    ];

    /** Dug, set, plumb, filled and cut, and nobody ever pulled a tape: the step is not done, and neither headline hides it. */
    public function test_a_layout_that_nobody_proved_is_told_to_the_end(): void
    {
        $square = fn (): string => (new Stepper(app(ReadSite::class)->site($this->job->fresh() ?? $this->job), null))->stakes[2]->standing->value;
        $title = fn (): TestResponse => $this->get("/jobs/{$this->job->id}/handover")->assertOk();
        foreach ($this->job->revision->plan()->grid->posts as $post) {
            $plumb = fn (Side $face) => PlumbReading::gap($post->id, $face, $face, Length::zero(), Length::millimetres(1200), Stage::Filled);
            $this->write(
                $this->job, $this->user, new HoleDug($post->id, Length::millimetres(1100)), new PostSet($post->id), new PostFilled($post->id, FillStep::Done),
                $plumb(Side::PlusX), $plumb(Side::PlusY), new PostCut($post->id),
            );
        }
        $this->assertSame('open', $square());
        $title()->assertSeeText('Nobody proved where the posts stand')->assertDontSeeText('Ready to hand over');
        $this->write($this->job, $this->user, new HandedOver('the owner', ''));
        $this->assertSame('open', $square());
        $title()->assertSeeText('It was handed over, and nobody proved where the posts stand.');
        $this->write($this->job, $this->user, ...$this->tapes([0, 0, 0, 0, 0, 0]));
        $this->assertSame('done', $square());
        $title()->assertDontSeeText('nobody proved');
    }

    public function test_the_stepper_calls_done_only_what_was_done(): void
    {
        $standing = function (): array {
            $stakes = (new Stepper(app(ReadSite::class)->site($this->job->fresh() ?? $this->job), null))->stakes;

            return array_combine(
                array_map(fn (StepperStake $stake) => $stake->phase->value, $stakes),
                array_map(fn (StepperStake $stake) => $stake->standing->value, $stakes),
            );
        };
        $this->assertSame(
            [
                'plan' => 'done', 'clear' => 'now', 'square' => 'open', 'level' => 'open', 'footing' => 'open', 'set' => 'open', 'cut' => 'open',
                'handover' => 'open',
            ],
            $standing(),
        );
        $this->write($this->job, $this->user, new NoticeAsked('2026-05-04', 3, ''), ...$this->tapes([0, 0, 0, 0, 0, 0]));
        $this->assertSame(['done', 'done', 'now', 'open', 'open', 'open'], array_values(array_slice($standing(), 1, 6)));
        foreach (['A1', 'B1', 'B2'] as $label) {
            $this->write(
                $this->job, $this->user, new HoleDug($id = $this->job->revision->plan()->grid->labelled($label)->id, Length::millimetres(1100)),
                new PostSet($id),
            );
        }
        $this->assertNotSame('done', $standing()['footing'], 'one hole is not dug');
        $this->post("/jobs/{$this->job->id}/footing/rules", self::FOOTING)->assertSessionHasNoErrors();
        $this->assertNotSame('done', $standing()['footing'], 'the ground is not read, so nothing of it can be done next');
        $this->assertNotSame('done', $standing()['set'], 'one post is not set');
    }

    public function test_the_day_the_notice_runs_out_is_said(): void
    {
        $this->write($this->job, $this->user, new NoticeAsked('2026-05-04', 3, 'M-17'));
        $this->page('clear')->assertSee('2026-05-08')->assertSee('M-17')->assertSee('public holidays are yours to add', false);
    }

    public function test_a_line_typed_by_points_names_the_holes_in_conflict(): void
    {
        $this->post(
            "/jobs/{$this->job->id}/entries/service",
            $this->form(['type' => 'power', 'name' => 'pump', 'no_dig' => '600', 'points' => "-500 ; 3,1 m\n9 m; 3100\n"]),
        )->assertSessionHasNoErrors();
        $this->page('clear')->assertSee('2 holes reach into a no-dig band')->assertSee('marked red');
    }

    /** @param  list<int>  $off millimetres added to ab, bc, cd, da, ac, bd */
    #[TestWith([[0, 0, 0, 0, 0, 0], 'Every stake is within'])]
    #[TestWith([[0, 0, 0, 0, 40, 0], '6 readings can’t all be true'])]
    #[TestWith([[0, 0, 0, 0, 20, -20], 'The outline leans'])]
    #[TestWith([[20, 0, 20, 0, 17, 17], '2 stakes are out: B1, B2'])]
    public function test_the_outlines_verdict_stands_at_the_top(array $off, string $verdict): void
    {
        $this->write($this->job, $this->user, ...$this->tapes($off));
        $this->page('square')->assertSee($verdict)->assertSee('Why this verdict?');
    }

    public function test_equal_diagonals_alone_are_not_called_square(): void
    {
        $this->write($this->job, $this->user, ...array_slice($this->tapes([0, 0, 0, 0, 0, 0]), 4));
        $this->page('square')->assertSee('4 of 6 readings still to take')->assertSee('Equal diagonals alone prove no right angle');
    }

    public function test_sides_alone_leave_the_outline_free_to_lean(): void
    {
        $this->write($this->job, $this->user, ...array_slice($this->tapes([0, 0, 0, 0, 0, 0]), 0, 4));
        $this->page('square')->assertSee('The sides alone leave the outline free to lean');
    }

    public function test_a_reading_pulled_again_takes_the_place_of_the_earlier_one(): void
    {
        $this->write($this->job, $this->user, new NoticeAsked('2026-05-04', 3, ''), ...$this->tapes([0, 0, 0, 0, 40, 0]));
        $page = (string) $this->page('square')->assertSee('Put this in its place')->getContent();
        $this->assertMatchesRegularExpression('/name="replaces" value="6"/', $page);
    }

    public function test_rules_of_depth_give_every_hole_its_number_and_its_rule(): void
    {
        $this->write($this->job, $this->user, ...$this->levelled());
        $this->post("/jobs/{$this->job->id}/footing/rules", self::FOOTING)->assertSessionHasNoErrors();
        $this->page('footing')->assertSee('frost line and margin')->assertSee('0 of 4 holes are dug');
        $this->write($this->job, $this->user, new HoleDug($this->job->revision->plan()->grid->labelled('A1')->id, Length::millimetres(700)));
        $this->page('footing')->assertSee('Hole A1 is not deep enough')->assertSee('short by');
    }

    public function test_a_share_of_the_post_may_be_typed_in_three_ways(): void
    {
        foreach (['1/3', '33.3333333333 %', '0,333333333333'] as $i => $typed) {
            $this->post(
                "/jobs/{$this->job->id}/footing/rules",
                ['embedment_by' => 'share', 'embedment' => $typed, 'based_on' => (string) ($i + 1)] + self::FOOTING,
            )->assertSessionHasNoErrors();
            $rules = $this->job->fresh()->revision->plan()->footing;
            $this->assertEqualsWithDelta(1200, $rules?->embedment->below(Length::millimetres(2400))->inMillimetres(), 1e-3);
        }
    }

    #[TestWith([['frost' => '40 ft'], 'frost', 'beyond any auger'])]
    #[TestWith([['frost' => ''], 'frost', 'Nothing was typed'])]
    #[TestWith([['pad' => '-100'], 'frost', 'pad can’t be below zero'])]
    #[TestWith([['least_gravel' => '150'], 'frost', 'more than the gravel planned'])]
    #[TestWith([['embedment_by' => 'share', 'embedment' => '4/3'], 'embedment', 'between 0 and 1'])]
    #[TestWith([['embedment_by' => 'share', 'embedment' => 'a third'], 'embedment', 'is not a share'])]
    #[TestWith([['mode' => 'stepped'], 'mode', 'Choose one of the list'])]
    public function test_rules_that_cannot_be_are_refused_at_their_field(array $wrong, string $field, string $sentence): void
    {
        $answer = $this->post("/jobs/{$this->job->id}/footing/rules", $wrong + self::FOOTING)->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
        $this->assertSame(1, $this->job->revisions()->count());
    }

    public function test_a_plane_asked_for_too_high_is_said_with_the_post_that_forbids_it(): void
    {
        $this->write($this->job, $this->user, ...$this->levelled());
        $this->post(
            "/jobs/{$this->job->id}/footing/rules", ['mode' => DepthMode::CommonPlane->value, 'asked_plane' => '-500'] + self::FOOTING,
        )->assertSessionHasNoErrors();
        $this->page('footing')->assertSee('The level asked for is too high: post B2 needs its foot lower', false);
    }

    public function test_tops_may_fall_toward_a_named_side(): void
    {
        $this->post("/jobs/{$this->job->id}/cut/tops", ['falls_toward' => 'plus_y', 'fall' => '20'] + self::TOPS)->assertSessionHasNoErrors();
        $plan = $this->job->fresh()->revision->plan();
        $this->assertEquals(Length::millimetres(2300 - 72), $plan->tops?->topAt($plan->grid->labelled('A2')->at));
        $this->page('cut')->assertSee('The tops fall toward the orchard');
    }

    #[TestWith([['datum_line' => '2400'], 'datum_line', 'lies below the tops'])]
    #[TestWith([['falls_toward' => 'plus_x', 'fall' => '20', 'fall_over' => '0'], 'fall_over', 'above zero'])]
    #[TestWith([['falls_toward' => 'plus_x', 'fall' => ''], 'fall', 'Nothing was typed'])]
    public function test_tops_that_cannot_be_are_refused_at_their_field(array $wrong, string $field, string $sentence): void
    {
        $answer = $this->post("/jobs/{$this->job->id}/cut/tops", $wrong + self::TOPS)->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
    }

    public function test_a_caution_once_read_folds_to_a_mark(): void
    {
        $this->page('clear')->assertSee('Buried lines kill')->assertSee('Read; fold it');
        foreach (['buried', 'struck', 'overhead'] as $caution) {
            $this->post("/cautions/{$caution}")->assertRedirect();
            $this->post("/cautions/{$caution}")->assertRedirect();
        }
        $this->page('clear')->assertSee('Buried lines kill')->assertDontSee('Read; fold it');
        $this->post('/cautions/made-up')->assertNotFound();
    }

    #[TestWith(['square', 'Cover your eyes when you drive stakes'])]
    #[TestWith(['level', 'Never look into a laser beam'])]
    #[TestWith(['footing/hold', 'Foam: gloves'])]
    #[TestWith(['footing/piers', 'Lower pads and blocks'])]
    #[TestWith(['footing/bill', 'Wet cement burns'])]
    #[TestWith(['footing/loads', 'Wind lifts a roof'])]
    #[TestWith(['footing/dig', 'An auger kicks'])]
    #[TestWith(['set', 'Know what a post weighs'])]
    #[TestWith(['set/A1', 'Know what a post weighs'])]
    #[TestWith(['set/stop', 'Open holes: cover them'])]
    #[TestWith(['cut', 'Saws: eyes'])]
    public function test_a_step_has_its_caution_beside_it(string $page, string $line): void
    {
        $this->page($page)->assertSee($line);
    }

    public function test_a_single_post_and_a_row_have_screens_of_their_own(): void
    {
        $one = $this->job($this->user, \Tests\Builds::plan(baysX: [], baysY: []));
        $row = $this->job($this->user, \Tests\Builds::plan(baysX: [2000, 2000], baysY: []));
        $this->get("/jobs/{$one->id}/square")->assertSee('One post has nothing to square');
        $this->get("/jobs/{$row->id}/square")->assertSee('Nothing is taped yet');
        $this->get("/jobs/{$row->id}/set")->assertSee('No post stands yet')->assertDontSee('A round of all posts');
        foreach ([$one, $row] as $job) {
            foreach ([
                'plan', 'clear', 'square/prove', 'square/hand', 'square/cast', 'square/sheet', 'level', 'footing', 'set', 'cut', 'handover',
            ] as $phase) {
                $this->get("/jobs/{$job->id}/{$phase}")->assertOk();
            }
        }
    }

    #[TestWith(['square/hand'])]
    #[TestWith(['square/prove'])]
    public function test_beside_another_page_the_next_move_leads_to_its_own(string $page): void
    {
        $this->write($this->job, $this->user, new NoticeAsked('2026-05-04', 3, 'M-17'));
        $this->page($page)->assertSee('Pull the tape A1–B1')->assertSee('Go there')->assertDontSee('href="#entry"', false);
        $this->page('square')->assertSee('The tape reads');
    }

    public function test_the_next_move_stands_on_every_screen_of_a_job(): void
    {
        foreach (['plan', 'clear', 'square', 'level', 'footing', 'set', 'set/A1', 'cut', 'handover', 'logbook'] as $page) {
            $this->page($page)->assertSee('Ask for utility marks');
        }
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->id}/clear");
    }

    /** @return list<Payload> */
    private function tapes(array $off): array
    {
        $grid = $this->job->revision->plan()->grid;
        $pairs = [['A1', 'B1', 5400], ['B1', 'B2', 3600], ['B2', 'A2', 5400], ['A2', 'A1', 3600], ['A1', 'B2', 6490], ['B1', 'A2', 6490]];

        return array_map(
            fn (array $pair, int $more) => new TapeReading(
                $grid->labelled($pair[0])->id, $grid->labelled($pair[1])->id, Length::millimetres($pair[2] + $more), TapeClass::Steel,
            ),
            $pairs, $off,
        );
    }

    /** @return list<Payload> */
    private function levelled(): array
    {
        $posts = $this->job->revision->plan()->grid->posts;

        return [
            new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            ...array_map(fn ($post, int $i) => new RodReading($post->id, Length::millimetres(1600 + 40 * $i)), $posts, array_keys($posts)),
        ];
    }

    private function page(string $name): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/{$name}")->assertOk();
    }
}
