<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Level\LevelWay;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use App\Site\ReadSite;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Builds;
use Tests\JobTestCase;

/** Heights on screen, on a 2 × 2 frame of 5400 by 3600 mm. */
final class LevelTest extends JobTestCase
{
    private const DIFFERENCE = [
        'form' => 'difference', 'instrument' => 'board', 'over' => '2400', 'from' => 'A1', 'to' => 'B1', 'difference' => '35', 'higher' => 'from',
        'level' => '', 'hung_at' => '',
    ];

    private Plan $plan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->plan = $this->job->revision->plan();
        $this->write(
            $this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), $this->rod(null, 1500), $this->rod('A1', 1600),
            $this->rod('B1', 1635),
        );
    }

    public function test_a_rod_is_taken_with_its_set_up_its_distance_and_the_part_it_stood_on(): void
    {
        $this->enter(
            'rod', ['post' => 'A1', 'post_part' => 'top', 'set_up' => '1', 'rod' => '1.2 m', 'distance' => '12 m'],
        )->assertSessionHasNoErrors();
        $this->page()->assertSee('A1 top')->assertSee('Other heights');
        $this->get("/jobs/{$this->job->id}/logbook")->assertSee('Rod at A1, top')->assertSee('12000', false)->assertSee('away');
    }

    public function test_a_set_up_that_sees_no_known_point_is_asked_about_and_nothing_typed_is_lost(): void
    {
        $answer = $this->from("/jobs/{$this->job->id}/level")->followingRedirects()->enter(
            'rod', ['form' => 'rod', 'post' => 'B2', 'set_up' => '2', 'rod' => '1433'],
        );
        $answer->assertSee(
            'Set-up 2 has seen no point whose height is known',
        )->assertSee('I read a known point later')->assertSee('value="1433"', false);
        $this->assertSame(4, $this->job->entries()->count());
        $this->enter('rod', ['post' => 'B2', 'set_up' => '2', 'rod' => '1433', 'sure' => '1'])->assertSessionHasNoErrors();
        $this->page()->assertSee('Nothing ties')->assertSee('set-up 2')->assertSee('not tied in');
        $this->enter('rod', ['post' => 'A1', 'set_up' => '2', 'rod' => '1333'])->assertSessionHasNoErrors();
        $this->page()->assertDontSee('Nothing ties');
    }

    public function test_a_doubted_rod_opens_the_form_for_the_second_set_up_benchmark_first(): void
    {
        $plan = Builds::plan(baysX: [2400, 2400], baysY: [2400, 2400]);
        $job = $this->job($this->user, $plan);
        $rods = array_map(
            fn ($post) => new RodReading(
                $post->id, Length::millimetres(1600 + $post->at->x->inMillimetres() / 100 + ($post->label === 'B2' ? 300 : 0)),
            ),
            $plan->grid->posts,
        );
        $this->write(
            $job, $this->user, new NoticeAsked('2026-05-04', 3, ''), ...Builds::readings($plan),
            ...[new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), ...$rods],
        );
        $rules = [
            'form' => 'rules', 'based_on' => '1', 'frost' => '800', 'margin' => '50', 'embedment' => '600', 'pad' => '100', 'gravel' => '150',
            'least_gravel' => '75', 'mode' => 'own',
        ];
        $this->post("/jobs/{$job->id}/footing/rules", $rules)->assertSessionHasNoErrors();
        $opened = fn (string $on, string $setUp) => $this->get("/jobs/{$job->id}/level")
            ->assertSee('value="'.$on.'" selected', false)->assertSee('name="set_up" type="text" value="'.$setUp.'"', false);
        $opened('Benchmark', '2')->assertSee('Set up elsewhere: the rod on sill, then on B2');
        $this->write($job, $this->user, new RodReading(null, Length::millimetres(1450), '2'));
        $opened('B2', '2')->assertSee('Read the rod on B2 again, from set-up 2');
    }

    public function test_a_difference_is_taken_as_it_was_read(): void
    {
        $this->enter('height_difference', ['turned' => '1', 'level' => 'long one'] + self::DIFFERENCE)->assertSessionHasNoErrors();
        $difference = app(ReadSite::class)->site($this->job->fresh())->state->log->latest(HeightDifference::class);
        $this->assertEquals(new HeightDifference(
            $difference->from, $difference->to, Length::millimetres(-35), LevelInstrument::Board, Length::millimetres(2400), LevelWay::Turned, level: 'long one',
        ), $difference);
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeText(
            "Spirit level on a board “long one”: B1 35\u{202F}mm lower than A1, over 2400\u{202F}mm, turned", false,
        );
        $this->page()->assertSee('One reading more than needed checks the others');
    }

    /** 2.0° over 2400 mm are 83.8 mm, whether degrees are typed or the phone fills them in. */
    public function test_a_phone_on_a_board_tells_degrees_that_become_a_height(): void
    {
        $phone = ['instrument' => 'phone', 'turned' => '1', 'higher' => 'to'] + self::DIFFERENCE;
        $this->enter('height_difference', ['difference' => '2.0°'] + $phone)->assertSessionHasNoErrors();
        $read = app(ReadSite::class)->site($this->job->fresh())->state->log->latest(HeightDifference::class);
        $this->assertEqualsWithDelta(2400 * tan(deg2rad(2.0)), $read?->read->inMillimetres(), 1e-3);
        $this->assertSame([LevelInstrument::Phone, LevelWay::Turned], [$read->instrument, $read->way]);
        $this->enter('height_difference', ['difference' => '12'] + $phone)->assertSessionHasNoErrors();
        $this->enter('height_difference', ['difference' => 'steep°'] + $phone)->assertSessionHasErrors('difference');
        $this->enter('height_difference', ['difference' => '0.5°', 'over' => ''] + $phone)->assertSessionHasErrors('over');
        $this->enter('height_difference', ['difference' => '0.5°'] + self::DIFFERENCE)->assertSessionHasErrors('difference');
    }

    public function test_ways_round_are_told_with_what_they_miss_by_and_a_tested_beam_is_taken_into_account(): void
    {
        $this->page()->assertDontSee('Closures');
        $this->enter('height_difference', ['difference' => '31'] + self::DIFFERENCE)->assertSessionHasNoErrors();
        $this->page()->assertSee('One way round closes')->assertSeeText('set-up 1 – A1 – B1 – set-up 1')->assertSeeText("4.0\u{202F}mm");
        $pegs = [
            'a_1' => '1500', 'b_1' => '1400', 'a_2' => '1503', 'b_2' => '1406', 'to_a_1' => '10000', 'to_b_1' => '10000', 'to_a_2' => '1000',
            'to_b_2' => '19000',
        ];
        $this->get("/jobs/{$this->job->id}/level/instruments?".http_build_query($pegs))->assertSee('Take it out of the rods');
        $this->enter('beam_tested', $pegs)->assertSessionHasNoErrors();
        // From the middle A is 100 higher on the rod, from close to A 97: the beam rises 3 mm over 18 m more to B.
        $this->page()->assertSeeText("it rises 1.7\u{202F}mm in 10 m");
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeText("Line of sight tested by two pegs: it rises 1.7\u{202F}mm in 10 m");
        $this->enter('beam_tested', ['to_a_2' => '10000', 'to_b_2' => '10000'] + $pegs)->assertSessionHasErrors('to_a_2');
        $this->enter('beam_tested', ['a_2' => ''] + $pegs)->assertSessionHasErrors('a_2');
        $this->get("/jobs/{$this->job->id}/level/instruments?board=long")->assertSee('“long”')->assertDontSee('will do');
    }

    /** @param  array<string, string>  $wrong */
    #[TestWith([['to' => 'A1'], 'difference', 'same point twice'])]
    #[TestWith([['over' => ''], 'over', 'Enter the length of the board'])]
    #[TestWith([['difference' => '-35'], 'difference', 'without a sign'])]
    #[TestWith([['to' => 'Z9'], 'to', 'Z9'])]
    #[TestWith([['instrument' => 'line_level', 'hung_at' => '3000'], 'difference', 'between its two ends'])]
    #[TestWith([['instrument' => 'eye'], 'instrument', 'Choose one'])]
    public function test_a_difference_that_cannot_be_is_refused_at_its_field(array $wrong, string $field, string $sentence): void
    {
        $answer = $this->enter('height_difference', $wrong + self::DIFFERENCE)->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
        $this->assertSame(4, $this->job->entries()->count());
    }

    public function test_readings_that_cannot_all_be_true_are_named_and_the_form_opens_for_the_one_to_take_again(): void
    {
        $this->write(
            $this->job, $this->user, $this->rod('B2', 1666), $this->rod('A2', 1650), $this->rod('A1', 1300, '2'), $this->rod('B1', 1335, '2'),
            $this->rod('A2', 1350, '2'), $this->rod('B2', 1391, '2'),
        );
        $page = (string) $this->page()->assertSee('2 height readings can’t all be true')->assertSee('in doubt')->getContent();
        $this->assertMatchesRegularExpression('/<option value="B2" selected>/', $page);
        $this->get("/jobs/{$this->job->id}/level?again=8")->assertSee('value="2"', false);
        $this->write($this->job, $this->user, $this->rod('B2', 1366, '2'));
        $this->page()->assertDontSee('can’t all be true')->assertSee('One reading is left out')->assertSee('left out');
    }

    public function test_a_grade_typed_gives_cut_and_fill_and_stores_nothing(): void
    {
        $this->write($this->job, $this->user, $this->rod('B2', 1600), $this->rod('A2', 1600));
        $this->get(
            "/jobs/{$this->job->id}/level?grade=-100",
        )->assertSeeText('fill 35', false)->assertSee('aria-label="B1: fill', false)->assertSee('class="fall"', false)->assertSee(
            "Cut 0.00\u{202F}m³, fill 0.17\u{202F}m³",
        );
        $this->get("/jobs/{$this->job->id}/level?grade=none")->assertSee('“none”', false)->assertDontSee('m³, fill');
        $this->get("/jobs/{$this->job->id}/level?grade=-100&toward=plus_x&grade_fall=35&grade_over=0")->assertSee('a length above zero');
        $this->assertSame(6, $this->job->entries()->count());
    }

    public function test_instruments_are_weighed_and_tested_before_anything_is_levelled(): void
    {
        $page = $this->get(
            "/jobs/{$this->job->id}/level/instruments?one_way=3&other_way=1&string=12m&a_1=1500&b_1=1400&to_a_1=15m&to_b_1=15m&a_2=1520&b_2=1415&to_a_2=3m&to_b_2=33m",
        );
        $page->assertOk()->assertSeeText('to the far corner, never turned')->assertSeeText(
            'to the far corner, turned end for end each time',
        )->assertSeeText('one hose reaches every post');
        $page->assertSee('turned at each hop will do')->assertSee('1.0 mm too high');
        // From the middle B stands 100 higher; from close to A it reads 105: 5 mm over 30 m of difference.
        $page->assertSee('The line of sight falls 1.7 mm in 10 m')->assertSee('more than the 1 mm');
        // Hung at one end: L (wL + W) / 2T = 12 (0.12 + 0.2) / 100 m.
        $page->assertSee('38.4 mm too high');
        $this->get(
            "/jobs/{$this->job->id}/level/instruments?a_1=1500&b_1=1400&to_a_1=15m&to_b_1=15m&a_2=1520&b_2=1415&to_a_2=3m&to_b_2=3m",
        )->assertSee('Both places see the pegs over the same difference');
        $this->get("/jobs/{$this->job->id}/level/instruments?board=wide")->assertOk()->assertSee('“wide”', false);
    }

    private function rod(?string $label, int $reads, string $setUp = ''): RodReading
    {
        return new RodReading($label === null ? null : $this->plan->grid->labelled($label)->id, Length::millimetres($reads), $setUp);
    }

    /** @param  array<string, string>  $fields */
    private function enter(string $what, array $fields): TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/entries/{$what}", $this->form($fields));
    }

    private function page(): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/level")->assertOk();
    }
}
