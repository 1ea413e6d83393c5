<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Tops\TopRules;
use App\Actions\RevisePlan;
use App\Models\LogEntry;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\JobTestCase;

/** What can’t be true is asked about, on every form and line: doubtful figures wait for “right as typed”, impossible ones are refused. */
final class QuestionsTest extends JobTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $mm = Length::millimetres(...);
        $plan = $this->job->revision->plan()
            ->withFooting(new FootingRules($mm(900), $mm(100), LeastEmbedment::length($mm(600)), $mm(100), $mm(100), $mm(50), DepthMode::Own))
            ->withTops(new TopRules($mm(2300), Slope::level(), Slope::level(), $mm(1200)));
        app(RevisePlan::class)($this->job, $this->user, $plan, 'Rules', 1);
        $this->job = $this->job->fresh() ?? $this->job;
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, $mm(1500)),
            ...array_map(fn (string $label) => new RodReading($this->id($label), $mm(1600)), ['A1', 'B1']));
        $this->travelTo('2026-06-01 12:00:00');
    }

    /** @param  array<string, string>  $fields */
    #[TestWith(['entries/tape', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => '5900'], 'distance', 'By the plan this is 5400 mm'])]
    #[TestWith(
        [
            'entries/tape', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'lay' => 'along_ground', 'distance' => '5000'], 'distance',
            'By the plan this is 5400 mm',
        ],
    )]
    #[TestWith(
        [
            'entries/tape', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'lay' => 'along_ground', 'distance' => '6900'], 'distance',
            'By the plan this is 5400 mm',
        ],
    )]
    #[TestWith(
        [
            'entries/tape', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'lay' => 'along_ground', 'rise' => '300', 'distance' => '5900'],
            'distance', 'By the plan this is 5400 mm',
        ],
    )]
    #[TestWith(['entries/rod', ['post' => 'B2', 'set_up' => '1', 'rod' => '3100'], 'rod', 'the rod would read about 1600 mm'])]
    #[TestWith(['entries/rod', ['post' => 'B2', 'set_up' => '1', 'rod' => '160'], 'rod', 'the rod would read about 1600 mm'])]
    #[TestWith(['entries/hole', ['post' => 'A1', 'depth' => '1400'], 'depth', 'It needs 1100 mm'])]
    #[TestWith(['entries/hole', ['post' => 'A1', 'depth' => '1100', 'width' => '290'], 'width', 'The plan has holes of 400 mm'])]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'minus_y', 'gap' => '30', 'level' => '1200', 'stage' => 'hole_open'],
            'gap', 'one in 40',
        ],
    )]
    #[TestWith(['entries/twist', ['post' => 'A1', 'twist' => '30', 'over' => '140', 'turned' => 'with'], 'twist', 'turned one in'])]
    #[TestWith(['entries/spacing', ['from' => 'A1', 'to' => 'B1', 'at' => 'top', 'spacing' => '540'], 'spacing', 'A digit missing?'])]
    #[TestWith(['entries/filled', ['post' => 'A1', 'step' => 'done'], 'bags', 'would have to be dug'])]
    #[TestWith(['entries/post_set', ['post' => 'A1'], 'post', 'would have to be dug first'])]
    #[TestWith(['entries/post_cut', ['post' => 'A1'], 'post', 'cut when it stands'])]
    #[TestWith(['entries/top', ['post' => 'A1', 'above' => '11000'], 'above', 'Its mark is 1100 mm'])]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'minus_y', 'gap' => '3', 'level' => '1200', 'stage' => 'hole_open'],
            'gap', 'A1 is not written down as set',
        ],
    )]
    #[TestWith(['entries/twist', ['post' => 'A1', 'twist' => '1', 'over' => '140', 'turned' => 'with'], 'twist', 'A1 is not written down as set'])]
    #[TestWith(
        ['entries/spacing', ['from' => 'A1', 'to' => 'B1', 'at' => 'top', 'spacing' => '5400'], 'spacing', 'A1, B1 are not written down as set'],
    )]
    #[TestWith(['entries/top', ['post' => 'A1', 'above' => '1100'], 'above', 'A1 is not written down as set'])]
    #[TestWith(['entries/notice', ['asked_on' => '2026-01-04', 'working_days' => '3', 'reference' => ''], 'asked_on', 'days ago'])]
    #[TestWith(['entries/notice', ['asked_on' => '2026-05-29', 'working_days' => '30', 'reference' => ''], 'working_days', 'more than most'])]
    #[TestWith(
        [
            'entries/service', ['type' => 'water', 'name' => '', 'no_dig' => '600', 'points' => "0; 40000\n5400; 40000"], 'points',
            'pass 36400 mm from the nearest post',
        ],
    )]
    #[TestWith(['entries/service', ['type' => 'gas', 'name' => '', 'no_dig' => '0', 'points' => "0; 4000\n5400; 4000"], 'no_dig', 'no band at all'])]
    #[TestWith(
        ['entries/service', ['type' => 'gas', 'name' => '', 'no_dig' => '6000', 'points' => "0; 4000\n5400; 4000"], 'no_dig', 'wider than any rule'],
    )]
    #[TestWith(['entries/benchmark', ['name' => 'step', 'height' => '0'], 'height', 'told from another benchmark'])]
    #[TestWith(['quick', ['line' => 'a1 hole 1400'], 'line', 'It needs 1100 mm'])]
    #[TestWith(['quick', ['line' => 'b2 filled 3 bags'], 'line', 'would have to be dug'])]
    public function test_what_is_doubtful_waits_until_it_is_right_as_typed(string $path, array $fields, string $field, string $says): void
    {
        $before = LogEntry::query()->count();
        $form = $this->form($fields + ['form' => 'asked']);
        $this->send($path, $form)->assertSessionHasErrors($field)->assertSessionHas('asks_sure', 'asked');
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame($before, LogEntry::query()->count(), 'nothing is stored unasked');
        $this->send($path, $form + ['sure' => '1'])->assertSessionHasNoErrors();
        $this->assertSame($before + 1, LogEntry::query()->count());
        $this->assertStringContainsString('"as_typed":true', (string) LogEntry::query()->latest('sequence')->value('payload'));
        $this->send($path, $form)->assertSessionHasErrors(); // the same id with other content
    }

    public function test_what_is_done_is_not_done_again_unasked(): void
    {
        $this->write($this->job, $this->user, new HoleDug($this->id('A1'), Length::millimetres(1100)), new PostSet($this->id('A1')));
        $this->send('entries/stake_moved', $this->form(['posts' => 'A1', 'form' => 'asked']))->assertSessionHasErrors();
        $this->assertStringContainsString('its stake would have to be gone', session('errors')->first());
        $this->send('entries/stake_moved', $this->form(['posts' => 'B1', 'form' => 'asked']))->assertSessionHasNoErrors();
        $this->write($this->job, $this->user, new PostFilled($this->id('A1'), FillStep::Done));
        $this->send('entries/hole', $this->form(['post' => 'A1', 'depth' => '1110', 'form' => 'asked']))->assertSessionHasErrors();
        $this->assertStringContainsString('nobody can measure down to its bottom now', session('errors')->first());
        $this->send('entries/filled', $this->form(['post' => 'A1', 'step' => 'done', 'form' => 'asked']))->assertSessionHasErrors();
        $this->assertStringContainsString('written down as filled already', session('errors')->first());
        $this->send('entries/filled', $this->form(['post' => 'A1', 'step' => 'still_wet', 'form' => 'asked']))->assertSessionHasNoErrors();
        $this->send(
            'entries/plumb',
            $this->form(
                ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'minus_y', 'gap' => '3', 'level' => '1200', 'stage' => 'filled', 'form' => 'asked'],
            ),
        )->assertSessionHasNoErrors();
    }

    public function test_no_temperature_beyond_reason_is_taken_and_nothing_asks_to_be_ticked_in_vain(): void
    {
        foreach (['-41', '61', '-400', '600'] as $celsius) {
            $this->send(
                'entries/filled', $this->form(['post' => 'A1', 'step' => 'done', 'celsius' => $celsius, 'form' => 'asked', 'sure' => '1']),
            )->assertSessionHasErrors('celsius');
        }
        $this->send(
            'entries/hole', $this->form(['post' => 'A1', 'depth' => '3701', 'form' => 'asked']),
        )->assertSessionHasErrors('depth')->assertSessionMissing('asks_sure');
        $this->assertStringNotContainsString('Tick', session('errors')->first('depth'));
        $this->send(
            'entries/hole', $this->form(['post' => 'A1', 'depth' => '3700', 'form' => 'asked', 'sure' => '1']),
        )->assertSessionHasNoErrors()->assertSessionMissing('asks_sure');
        $this->send(
            'entries/hole', $this->form(['post' => 'B1', 'depth' => '1100', 'form' => 'asked']),
        )->assertSessionHasNoErrors()->assertSessionMissing('asks_sure');
    }

    public function test_no_question_hides_another(): void
    {
        $this->send('quick', $this->form(['line' => 'a1 filled 300 bags at 50', 'form' => 'quick']))->assertSessionHasErrors('line');
        $asked = session('errors')->first('line');
        foreach (['this says 300 bags', '50 °C is no weather', 'would have to be dug'] as $says) {
            $this->assertStringContainsString($says, $asked);
        }
        $this->assertSame(1, substr_count($asked, 'Tick “right as typed”'));
        $this->send('entries/top', $this->form(['post' => 'B2', 'above' => '9000', 'form' => 'asked']))->assertSessionHasErrors('above');
        $this->assertMatchesRegularExpression('/Its mark is .* B2 is not written down as set/', session('errors')->first('above'));
    }

    public function test_a_tape_along_the_ground_may_read_as_long_as_a_slope_makes_it(): void
    {
        $before = LogEntry::query()->count();
        $this->send(
            'entries/tape',
            $this->form(['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'lay' => 'along_ground', 'distance' => '6000', 'form' => 'asked']),
        )->assertSessionHasNoErrors();
        $this->assertSame($before + 1, LogEntry::query()->count());
    }

    public function test_a_benchmark_that_is_corrected_moves_nothing_that_its_own_rods_told(): void
    {
        $this->send('entries/benchmark', $this->form(['name' => 'sill of the door', 'height' => '0', 'replaces' => '1']))->assertSessionHasNoErrors();
    }

    /** @param  array<string, string>  $fields */
    #[TestWith(['footing/rules', ['form' => 'rules', 'frost' => '3000'], 'frost', 'more than a rule of depth'])]
    #[TestWith(['footing/rules', ['form' => 'rules', 'embedment' => '2600'], 'embedment', 'more than a rule of depth'])]
    #[TestWith(
        [
            'cut/tops', ['form' => 'tops', 'height' => '23000', 'datum_line' => '1200', 'falls_toward' => ''], 'datum_line',
            '21800 mm above the datum line',
        ],
    )]
    #[TestWith(
        [
            'plan/line',
            [
                'form' => 'fixed', 'what' => 'set', 'line_name' => 'barn', 'line_kind' => 'wall', 'line_holds' => 'parallel', 'line_side' => 'plus_y',
                'line_near' => '36000', 'line_far' => '',
            ],
            'line_near', '36000 mm from the nearest post',
        ],
    )]
    public function test_a_change_of_the_plan_is_asked_about_the_same_way(string $path, array $fields, string $field, string $says): void
    {
        $rules = [
            'based_on' => '2', 'frost' => '900', 'margin' => '100', 'embedment_by' => 'length', 'embedment' => '600', 'pad' => '100',
            'gravel' => '100', 'least_gravel' => '50', 'mode' => 'own',
        ];
        $this->send($path, $fields + $rules)->assertSessionHasErrors($field)->assertSessionHas('asks_right', $fields['form']);
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame(2, $this->job->fresh()?->revision->number);
        $this->send($path, ['right' => '1'] + $fields + $rules)->assertSessionHasNoErrors();
        $this->assertSame(3, $this->job->fresh()?->revision->number);
        $this->send($path, ['based_on' => '3'] + ($path === 'plan/line' ? ['line' => 'line-3'] : []) + $fields + $rules)->assertSessionHasNoErrors();
    }

    /** @param  array<string, string>  $fields */
    #[TestWith(['entries/tape', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => '2196 m'], 'distance', 'longer than the tape'])]
    #[TestWith(['entries/rod', ['post' => 'B2', 'set_up' => '1', 'rod' => '20410'], 'rod', 'beyond the longest staff'])]
    #[TestWith(['entries/rod', ['post' => 'B2', 'set_up' => '1', 'rod' => '-5'], 'rod', 'below zero'])]
    #[TestWith(['entries/hole', ['post' => 'A1', 'depth' => '10000'], 'depth', 'deeper than any auger'])]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'minus_y', 'gap' => '200', 'level' => '1200', 'stage' => 'hole_open'],
            'gap', 'No standing post leans',
        ],
    )]
    #[TestWith(['entries/notice', ['asked_on' => '2026-07-04', 'working_days' => '3', 'reference' => ''], 'asked_on', 'has not come yet'])]
    #[TestWith(['quick', ['line' => 'a1 hole 10000 right as typed'], 'line', 'deeper than any auger'])]
    public function test_what_can_not_be_is_refused_however_sure(string $path, array $fields, string $field, string $says): void
    {
        $before = LogEntry::query()->count();
        $this->send($path, $this->form($fields + ['form' => 'asked', 'sure' => '1']))->assertSessionHasErrors($field);
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame($before, LogEntry::query()->count());
    }

    public function test_a_line_may_say_itself_that_it_is_right(): void
    {
        $this->send('quick', $this->form(['form' => 'quick', 'line' => 'a1 hole 1400 right as typed']))->assertSessionHasNoErrors();
        $this->assertSame('hole', LogEntry::query()->latest('sequence')->value('kind'));
    }

    public function test_several_entries_on_one_line_are_read_one_by_one_and_each_is_asked_about(): void
    {
        $before = LogEntry::query()->count();
        $this->send(
            'quick', $this->form(['form' => 'quick', 'line' => 'a1 hole 1100; b1 hole 14000; b2 dance; a2 hole 1100']),
        )->assertSessionHasErrors('line');
        $this->assertSame($before + 2, LogEntry::query()->count());
        $this->assertSame('b1 hole 14000; b2 dance', session()->getOldInput('line'));
        $this->assertStringContainsString('2 entries are written down', session('errors')->first('line'));
        $this->assertStringContainsString('deeper than any auger', session('errors')->first('line'));
        $this->assertStringContainsString('dance', session('errors')->first('line'));
    }

    public function test_a_line_that_waited_for_a_connection_is_told_when_it_is_not_taken(): void
    {
        $this->postJson(
            "/jobs/{$this->job->id}/quick", $this->form(['form' => 'quick', 'line' => 'b2 dance']),
        )->assertStatus(422)->assertJsonPath('message', fn (string $message) => str_contains($message, 'dance'));
        $this->postJson("/jobs/{$this->job->id}/entries/hole", $this->form(['post' => 'B2', 'depth' => '14000']))->assertStatus(422);
    }

    public function test_a_temperature_is_in_the_unit_of_the_job(): void
    {
        foreach (['A1' => ['50', '50 °C'], 'B1' => ['14 f', '−10 °C']] as $label => [$typed, $says]) {
            $this->send(
                'entries/filled', $this->form(['form' => 'filled', 'post' => $label, 'step' => 'done', 'celsius' => $typed, 'sure' => '1']),
            )->assertSessionHasNoErrors();
            $this->get("/jobs/{$this->job->id}/logbook")->assertSee($says);
        }
        $this->send(
            'entries/filled', $this->form(['form' => 'filled', 'post' => 'A1', 'step' => 'done', 'celsius' => 'warm']),
        )->assertSessionHasErrors('celsius');
    }

    public function test_nobody_saws_before_it_is_hard_nor_while_another_is_short_on_any_page(): void
    {
        $mm = Length::millimetres(...);
        foreach (['A1', 'B1', 'B2', 'A2'] as $label) {
            $this->write(
                $this->job, $this->user, new HoleDug($this->id($label), $mm(1100)), new PostSet($this->id($label)),
                new PostFilled($this->id($label), FillStep::Done, 8, 20.0),
            );
        }
        $cut = fn () => $this->send('entries/post_cut', $this->form(['form' => 'cut', 'post' => 'A1']));
        $cut()->assertSessionHasErrors('post');
        $this->assertStringContainsString('not hard yet', session('errors')->first('post'));
        $this->send('quick', $this->form(['form' => 'quick', 'line' => 'a1 cut']))->assertSessionHasErrors('line');
        $this->travelTo('2026-06-02 12:30:00');
        $this->write($this->job, $this->user, new TopMeasured($this->id('B2'), $mm(1050)));
        $cut()->assertSessionHasErrors('post');
        $this->assertStringContainsString('B2 is short', session('errors')->first('post'));
        $this->get("/jobs/{$this->job->id}/set/A1")->assertOk()->assertDontSee('A1 is cut and sealed');
        $this->write($this->job, $this->user, new TopMeasured($this->id('B2'), $mm(1180)));
        $cut()->assertSessionHasNoErrors();
        $this->send('entries/top', $this->form(['form' => 'top', 'post' => 'A1', 'above' => '1300']))->assertSessionHasErrors('above');
        $this->assertStringContainsString('can’t stand at', session('errors')->first('above'));
    }

    private function id(string $label): PostId
    {
        return $this->job->revision->plan()->grid->labelled($label)->id;
    }

    /** @param  array<string, string>  $fields */
    private function send(string $path, array $fields): TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/{$path}", $fields);
    }
}
