<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Log;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeLay;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Layout\StringAt;
use Aequus\Plan\Posts\ByPost;
use Aequus\Square\Layout;
use Aequus\Square\Network\PlanNetwork;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Site\DerivedCache;
use App\Site\ReadSite;
use App\Square\ReadingRow;
use App\Square\ReadingSheet;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Builds;
use Tests\FeatureTestCase;

/** The forms and pages of the Square phase, on a 3 × 2 grid of 2400 by 3000 mm. */
final class SquareTest extends FeatureTestCase
{
    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person();
        $this->job = $this->job($this->user, Builds::plan([2400, 2400], [3000]));
        $this->actingAs($this->user);
    }

    public function test_a_base_line_may_begin_where_it_usually_ends(): void
    {
        $this->post(
            $this->at('square/rules'), ['based_on' => '1', 'placement' => 'base_line', 'base_from' => 'C1', 'base_to' => ''],
        )->assertSessionHasNoErrors();
        $this->page('square/prove')->assertDontSee('Server Error');
        $this->assertSame(['3.1', '2.1'], (new PlanNetwork($this->job->fresh()?->revision->plan() ?? $this->fail()))->base);
    }

    public function test_a_reading_ten_times_the_plan_is_asked_about_kept_as_typed_and_stored_once_it_is_sure(): void
    {
        $typed = ['form' => 'tape', 'from' => 'A1', 'to' => 'B1', 'distance' => '24 m', 'tape' => 'steel'];
        $this->followingRedirects()->from($this->at('square'))->post($this->at('entries/tape'), $this->form($typed))
            ->assertSee('By the plan this is')->assertSee('Right as typed')->assertSee('value="24 m"', false);
        $this->assertSame(0, LogEntry::query()->count());
        $this->post($this->at('entries/tape'), $this->form($typed + ['sure' => '1']))->assertSessionHasNoErrors();
        $this->assertSame(1, LogEntry::query()->count());
    }

    /** @param  array<string, string>  $wrong */
    #[TestWith([['to' => 'A1'], 'distance', 'same stake twice'])]
    #[TestWith([['distance' => '0'], 'distance', 'above zero'])]
    #[TestWith([['to' => 'D9'], 'to', 'no post D9'])]
    #[TestWith([['distance' => ''], 'distance', 'Nothing was typed'])]
    #[TestWith([['tape' => 'fibreglass', 'celsius' => '4'], 'celsius', 'steel tapes only'])]
    #[TestWith([['celsius' => 'cold'], 'celsius', 'between'])]
    #[TestWith([['newtons' => '9000'], 'newtons', 'between'])]
    #[TestWith([['lay' => 'along_ground', 'rise' => 'a bit'], 'rise', 'not understood'])]
    public function test_a_reading_that_cannot_be_is_refused_at_its_field_and_nothing_is_lost(array $wrong, string $field, string $sentence): void
    {
        $answer = $this->post(
            $this->at('entries/tape'),
            $this->form($wrong + ['form' => 'tape', 'from' => 'A1', 'to' => 'B1', 'distance' => '2400', 'tape' => 'steel']),
        )->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
        $this->assertSame($wrong['to'] ?? 'B1', (string) $answer->getSession()?->getOldInput('to'));
        $this->assertSame(0, LogEntry::query()->count());
    }

    public function test_how_a_tape_was_held_is_kept_with_its_reading(): void
    {
        $this->post(
            $this->at('entries/tape'),
            $this->form(
                [
                    'from' => 'A1', 'to' => 'B1', 'distance' => '2405', 'tape' => 'steel', 'tape_name' => 'yellow', 'lay' => 'along_ground',
                    'rise' => '150', 'celsius' => '3,5', 'newtons' => '60', 'hangs' => '1',
                ],
            ),
        )->assertSessionHasNoErrors();
        $reading = array_values(app(ReadSite::class)->site($this->job)->state->log->now(TapeReading::class))[0];
        $this->assertSame(
            ['yellow', TapeLay::AlongGround, 3.5, 60.0, true],
            [$reading->name, $reading->lay, $reading->conditions?->celsius, $reading->conditions?->newtons, $reading->conditions?->hangsWhole],
        );
        $this->assertEquals(Length::millimetres(150), $reading->rise);
        $this->get($this->at('logbook'))->assertSee('along the ground')->assertSee('3.5 °C');
    }

    public function test_a_string_offset_is_told_toward_a_side_and_stored_left_or_right(): void
    {
        $this->post(
            $this->at('entries/string_offset'), $this->form(['stake' => 'B1', 'from' => 'A1', 'to' => 'C1', 'off' => '7', 'toward' => 'plus_y']),
        )->assertSessionHasNoErrors();
        $this->post(
            $this->at('entries/string_offset'),
            $this->form(['stake' => 'B2', 'from' => 'A2', 'to' => 'C2', 'off' => '4', 'toward' => 'minus_y', 'run' => '70']),
        )->assertSessionHasNoErrors();
        $this->get($this->at('logbook'))->assertSee('left of the string from A1 to C1')->assertSee('right of the string from A2 to C2');
        $this->post(
            $this->at('entries/string_offset'), $this->form(['stake' => 'B1', 'from' => 'A1', 'to' => 'C1', 'off' => '7', 'toward' => 'plus_x']),
        )->assertSessionHasErrors('toward');
        $this->post(
            $this->at('entries/string_offset'), $this->form(['stake' => 'A1', 'from' => 'A1', 'to' => 'C1', 'off' => '7', 'toward' => 'plus_y']),
        )->assertSessionHasErrors('off');
    }

    /** Posts of 140 mm: a string along their faces runs 70 mm outside the stakes of the first row, so a stake that stands right is 70 mm from it. */
    public function test_strings_along_the_faces_are_read_where_they_run_on_form_and_quick_line_alike(): void
    {
        $this->post($this->at('square/rules'), ['form' => 'boards', 'based_on' => '1', 'strings' => 'face', 'list' => 'lean'])->assertSessionHasNoErrors();
        $this->get($this->at('square').'?pull=B1@A1-C1')->assertSeeText("By the plan 70\u{202F}mm")
            ->assertSeeText("Empty: 70\u{202F}mm toward the lane, counted from the post centres")->assertSee('value="plus_y" selected', false);
        $this->post(
            $this->at('entries/string_offset'), $this->form(['stake' => 'B1', 'from' => 'A1', 'to' => 'C1', 'off' => '75', 'toward' => 'plus_y']),
        )->assertSessionHasNoErrors();
        $this->post($this->at('quick'), $this->form(['form' => 'quick', 'line' => 'b2 off c2-a2 66 lane']))->assertSessionHasNoErrors();
        [$far, $near] = array_values(app(ReadSite::class)->site($this->job)->state->log->now(StringReading::class));
        $this->assertEquals([Length::millimetres(5), Length::millimetres(-4)], [$far->offLine(), $near->offLine()], 'off the line between the nails, left positive');
        $this->get($this->at('logbook'))->assertSeeText("75\u{202F}mm left of the string from A1 to C1, which ran 70\u{202F}mm right of the line between them");
        $this->page('square/cast')->assertSeeText("70\u{202F}mm toward the outside along the rows");
    }

    public function test_one_press_judges_the_layout_another_way_and_stands_in_the_revisions(): void
    {
        $this->write($this->job, $this->user, ...Builds::readings($this->job->revision->plan(), ['B2' => [25, 0]]));
        $this->page('square')->assertSee('Stake B2 is out')->assertSee('How the plan is laid over the stakes')->assertSee('in force');
        $this->post($this->at('square/placement'), ['way' => 'base_line', 'based_on' => '1'])->assertRedirect($this->at('square'));
        $this->assertSame(ChosenPlacement::BaseLine, $this->job->fresh()?->revision->plan()->layout->placement);
        $this->page('plan')->assertSee('Layout judged from the base line');
        $this->post($this->at('square/placement'), ['way' => 'held', 'based_on' => '2'])->assertNotFound();
        // Someone else was faster.
        $this->post($this->at('square/placement'), ['way' => 'best_fit', 'based_on' => '1']);
        $this->assertSame(2, $this->job->revisions()->count());
    }

    public function test_rules_of_the_layout_change_one_part_and_leave_the_others(): void
    {
        $this->post(
            $this->at('square/rules'),
            [
                'based_on' => '1', 'list' => 'lean', 'tape' => 'steel_with_care', 'placement' => 'best_fit', 'reach' => '8 m', 'base_from' => 'A2',
                'base_to' => 'C2',
            ],
        )->assertSessionHasNoErrors();
        $this->post(
            $this->at('square/rules'),
            [
                'based_on' => '2', 'strings' => 'face', 'string_off' => '0', 'setback' => '1,2 m', 'board_length' => '900', 'board_height' => '',
                'cover' => '40',
            ],
        )->assertSessionHasNoErrors();
        $layout = $this->job->fresh()?->revision->plan()->layout;
        $this->assertSame([ReadingList::Lean, StringAt::Face], [$layout?->list, $layout?->strings->at]);
        $this->assertEquals(Length::millimetres(1200), $layout?->boards->setback);
        $this->page('square/hand')->assertSee('along the post faces')->assertDontSee('heavier posts');
        $this->page('square/prove')->assertSee('off the string')->assertSee('lean');
        foreach ([
            ['setback' => '100', 'board_length' => '900'], ['setback' => '1200', 'board_length' => '0'], ['base_from' => 'A1', 'base_to' => 'A1'],
            ['list' => 'short'],
        ] as $wrong) {
            $this->post($this->at('square/rules'), ['based_on' => '3'] + $wrong)->assertSessionHasErrors();
        }
        $this->assertSame(3, $this->job->revisions()->count());
    }

    public function test_stakes_roughly_first_then_boards_and_only_then_the_tolerance(): void
    {
        $at = "/jobs/{$this->job->id}";
        $this->write($this->job, $this->user, new NoticeAsked(gmdate('Y-m-d'), 3, ''));
        $this->post("{$at}/square/rules", ['form' => 'prove', 'based_on' => 1, 'stage' => 'rough'])->assertSessionHasNoErrors();
        $this->get("{$at}/square/prove")->assertSee('boards and strings, stakes roughly first');
        $this->get("{$at}/square")->assertSee('Nothing is taped yet')->assertSee('A hand’s breadth is near enough');
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        foreach ((new Layout($plan, new Log([]), ByPost::none()))->wanted as $i => $wanted) {
            $this->post(
                "{$at}/entries/tape",
                [
                    'form' => 'tape', 'client_id' => "rough-{$i}", 'from' => $wanted->ends()->from->label, 'to' => $wanted->ends()->to->label,
                    'distance' => $plan->write($wanted->planned()), 'tape' => 'steel',
                ],
            )->assertSessionHasNoErrors();
        }
        $this->get("{$at}/square")->assertSee('staked roughly')->assertSee('Stakes between were not measured')->assertSee('Boards and strings stand')->assertDontSee('Every stake is within');
        $this->post("{$at}/entries/boards_up", ['form' => 'boards', 'client_id' => 'boards'])->assertSessionHasNoErrors();
        $this->get("{$at}/square")->assertSee('Nothing is taped yet')->assertSee('Hold it on the nails')->assertSee('Use the strings: the lean list');
        $this->post(
            "{$at}/square/rules", ['form' => 'strings', 'based_on' => 2, 'list' => 'lean', 'reason' => 'strings'],
        )->assertSessionHasNoErrors();
        $this->get("{$at}/square")->assertDontSee('Use the strings: the lean list');
        $this->assertTrue($this->job->fresh()?->revision->plan()->layout->roughFirst);
        $this->get("{$at}/logbook")->assertSee('Batter boards and strings stand');
    }

    public function test_a_wall_in_the_plan_takes_offsets_and_without_one_they_are_refused(): void
    {
        $offset = ['form' => 'offset', 'line_post' => 'A1', 'line_off' => '1500'];
        $this->post($this->at('entries/line_offset'), $this->form($offset))->assertSessionHasErrors('line_off');
        $wall = [
            'form' => 'fixed', 'line_name' => 'barn wall', 'line_kind' => 'wall', 'line_holds' => 'parallel', 'line_side' => 'minus_y',
            'line_near' => '1500', 'line_far' => '',
        ];
        foreach ([
            ['line_name' => ''], ['line_holds' => ''], ['line_near' => 'near'], ['line_near' => '-20'],
            ['line_holds' => 'distance', 'line_least' => 'x'],
            ['line_side' => 'points', 'line_x1' => '0', 'line_y1' => '0', 'line_x2' => '0', 'line_y2' => '0'],
        ] as $wrong) {
            $this->post($this->at('plan/line'), ['based_on' => '1'] + $wrong + $wall)->assertSessionHasErrors();
        }
        $this->post($this->at('plan/line'), ['based_on' => '1'] + $wall)->assertSessionHasNoErrors();
        $this->page('plan')->assertSee('runs parallel to it, held by it')->assertSee('row 1')->assertSee("1500\u{202F}mm", false);
        $this->post($this->at('entries/line_offset'), $this->form($offset))->assertSessionHasNoErrors();
        $this->get($this->at('logbook'))->assertSee('off barn wall');
        $this->page('square')->assertSee('B1 off barn wall');
        $this->post($this->at('plan/line'), ['based_on' => '2'] + $wall)->assertSessionHasErrors('line_name');
        $this->post(
            $this->at('plan/line'),
            [
                'based_on' => '2', 'line_name' => 'lane', 'line_side' => 'points', 'line_x1' => '-2000', 'line_y1' => '-9000', 'line_x2' => '9000',
                'line_y2' => '-9000', 'line_holds' => 'distance', 'line_least' => '300',
            ] + $wall,
        )->assertSessionHasNoErrors();
        $this->post($this->at('plan/line'), ['based_on' => '3', 'what' => 'drop', 'line' => 'line-2'])->assertSessionHasNoErrors();
        $this->page('plan')->assertDontSee('held by it')->assertSee('lane');
    }

    /** On whichever side a wall stands, a stake stands so far off it, and no carpenter reads less than nothing. */
    #[TestWith(['minus_y', 'A1'])]
    #[TestWith(['plus_y', 'A2'])]
    public function test_an_offset_is_shown_as_the_tape_has_it(string $side, string $stake): void
    {
        $this->post($this->at('plan/line'), [
            'form' => 'fixed', 'based_on' => '1', 'line_name' => 'barn wall', 'line_kind' => 'wall', 'line_holds' => 'parallel', 'line_side' => $side, 'line_near' => '1500', 'line_far' => '',
        ])->assertSessionHasNoErrors();
        $this->post($this->at('entries/line_offset'), $this->form(['form' => 'offset', 'line_post' => $stake, 'line_off' => '1509']))->assertSessionHasNoErrors();
        $rows = (new ReadingSheet(app(ReadSite::class)->site($this->job->fresh() ?? $this->fail())->state))->rows;
        $row = array_values(array_filter($rows, fn (ReadingRow $row) => $row->read !== null))[0];
        $this->assertStringContainsString('>1509', $row->figure(Notation::millimetres(0)));
    }

    public function test_what_was_cast_is_solved_again_and_what_cannot_give_is_named(): void
    {
        $this->page('square/cast')->assertSee('Nothing is entered as cast yet');
        foreach (['A1' => ['20', 'minus_x'], 'C1' => ['20', 'plus_x']] as $post => [$off, $toward]) {
            $this->post(
                $this->at('entries/as_cast'),
                $this->form(['cast_post' => $post, 'along_x' => $off, 'toward_x' => $toward, 'along_y' => '', 'toward_y' => 'plus_y']),
            )->assertSessionHasNoErrors();
        }
        $this->page('square/cast')->assertSee('Not everything can be taken up')->assertSee('A1 would need')->assertSee('C1 would need');
        $this->post(
            $this->at('entries/as_cast'), $this->form(['cast_post' => 'B1', 'along_x' => '9 m', 'toward_x' => 'plus_x']),
        )->assertSessionHasErrors('along_x');
    }

    public function test_things_that_must_fit_and_neighbours_are_kept_in_the_plan(): void
    {
        $this->post(
            $this->at('plan/fit'),
            [
                'form' => 'fit', 'what' => 'thing', 'based_on' => '1', 'fit_name' => 'mower', 'fit_from' => 'A1', 'fit_to' => 'B1',
                'fit_width' => '2200', 'fit_margin' => '100',
            ],
        )->assertSessionHasNoErrors();
        $this->post(
            $this->at('plan/line'),
            [
                'form' => 'fixed', 'based_on' => '2', 'line_name' => 'hedge', 'line_kind' => 'boundary', 'line_holds' => 'distance',
                'line_least' => '400', 'line_side' => 'plus_y', 'line_near' => '400', 'line_far' => '',
            ],
        )->assertSessionHasNoErrors();
        $this->page('plan')->assertSee('too narrow')->assertSee('A2 too near');
        $this->post($this->at('plan/fit'), ['what' => 'drop_thing', 'place' => '0', 'based_on' => '3'])->assertSessionHasNoErrors();
        $this->page('plan')->assertDontSee('too narrow')->assertSee('hedge');
        foreach ([
            ['what' => 'thing', 'fit_name' => '', 'fit_from' => 'A1', 'fit_to' => 'B1', 'fit_width' => '100'],
            ['what' => 'thing', 'fit_name' => 'gate', 'fit_from' => 'A1', 'fit_to' => 'A1', 'fit_width' => '100'],
        ] as $wrong) {
            $this->post($this->at('plan/fit'), ['based_on' => '4'] + $wrong)->assertSessionHasErrors();
        }
    }

    public function test_sums_of_setting_out_are_answered_and_their_refusals_stand_at_the_field(): void
    {
        $this->page('square/hand?offset_1=1500&station_1=0&offset_2=1512&station_2=4800')->assertSee('toward the wall');
        $this->page('square/hand?short_1=2000&short_2=2003&long_1=9000&long_2=9003')->assertSee('At its hook the second shows');
        $this->page('square/hand?short_1=8900&short_2=8903&long_1=9000&long_2=9003')->assertSee('Compare over a short and a long one');
        $this->page('square/hand?over=2000')->assertSee('with a bob at rest');
        $this->page('square/hand?offset_1=ells&station_1=0&offset_2=1&station_2=2')->assertSee('“ells”');
        $this->page('square/hand?celsius=-5&hangs=1')->assertSee('the marks that lay out the level distance');
    }

    public function test_the_stake_sheet_has_every_stake_its_marks_and_what_must_move(): void
    {
        $this->write($this->job, $this->user, ...Builds::readings($this->job->revision->plan(), ['B2' => [25, 0]]));
        $this->page('square/sheet')->assertSeeInOrder(['Stake sheet', 'A1', 'B1', 'C1', 'A2', 'B2', 'barn', 'C2'])->assertSee('tickbox', false);
    }

    public function test_a_link_opens_the_form_for_its_reading_and_a_wrong_one_does_no_harm(): void
    {
        $this->page('square?pull=C2-A1')->assertSee('The tape C2–A1');
        $this->page('square?pull=B1@A1-C1')->assertSee('B1 off the string A1–C1');
        foreach (['pull=Z9-A1', 'pull=A1-A1', 'pull=%3Cscript%3E', 'stake=Q7', 'pull=A1@A1-B1'] as $wrong) {
            $this->page("square?{$wrong}")->assertSee('Nothing is taped yet');
        }
    }

    public function test_throwing_away_what_was_kept_between_two_readings_changes_nothing(): void
    {
        $this->write($this->job, $this->user, ...Builds::readings($this->job->revision->plan(), ['B2' => [25, 0]]));
        $first = app(ReadSite::class)->site($this->job)->state;
        $again = app(ReadSite::class)->site($this->job)->state;
        Cache::flush();
        $anew = app(ReadSite::class)->site($this->job)->state;
        $this->assertEquals($first->square, $again->square);
        $this->assertEquals($first->square, $anew->square);
        Cache::put(DerivedCache::PREFIX."survey.{$this->job->id}", 'spoiled', 60);
        $this->assertEquals($first->square, app(ReadSite::class)->site($this->job)->state->square);
        // What another core kept may not even be readable by this one: it is passed over, not opened.
        $kept = Cache::get(DerivedCache::PREFIX."survey.{$this->job->id}");
        $this->assertIsArray($kept);
        $unreadable = str_replace('"unsettled"', '"unheardof"', (string) $kept['what']);
        $this->assertNotSame($kept['what'], $unreadable);
        Cache::put(DerivedCache::PREFIX."survey.{$this->job->id}", ['stamp' => "{$kept['stamp']}, another core", 'what' => $unreadable], 60);
        $this->assertEquals($first->square, app(ReadSite::class)->site($this->job)->state->square);
        // What is kept belongs to one last entry: the next one makes it worthless.
        $this->write($this->job, $this->user, ...Builds::readings($this->job->revision->plan()));
        $this->assertNotEquals($first->square->survey, app(ReadSite::class)->site($this->job)->state->square->survey);
    }

    private function at(string $page): string
    {
        return "/jobs/{$this->job->id}/{$page}";
    }

    private function page(string $name): TestResponse
    {
        return $this->get($this->at($name))->assertOk();
    }

    public function test_what_is_not_worth_pulling_is_left_out_by_one_press_and_taken_back(): void
    {
        $job = $this->job($this->user, Builds::plan([3000, 3000], [3000, 3000]));
        $at = fn (string $page): string => url("/jobs/{$job->id}/square/{$page}");
        $this->get($at('prove'))->assertSee('Not worth pulling')->assertSee('Leave them out');
        $this->from($at('prove'))->post($at('spare'), ['based_on' => 1])->assertRedirect($at('prove'));
        $this->get($at('prove'))->assertSee('asked for only where the others leave a doubt');
        $this->assertNotSame([], $job->fresh()?->revision->plan()->layout->spared);
        $this->post(url("/jobs/{$job->id}/square/rules"), ['based_on' => 2, 'setback' => '1500', 'board_length' => '900']);
        $this->assertNotSame([], $job->fresh()?->revision->plan()->layout->spared, 'boards change nothing of it');
        $this->post($at('spare'), ['based_on' => 3, 'all' => '1']);
        $this->assertSame([], $job->fresh()?->revision->plan()->layout->spared);
    }
}
