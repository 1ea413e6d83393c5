<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Length;
use Aequus\Words\EntryWords;
use App\Http\Requests\Entries\EntryRequest;
use App\Site\ReadSite;
use Error;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use LogicException;
use PHPUnit\Framework\Attributes\TestWith;
use ReflectionClass;
use Tests\JobTestCase;

final class LogbookTest extends JobTestCase
{
    public function test_the_same_send_twice_is_one_entry(): void
    {
        $tape = $this->form(['from' => 'A1', 'to' => 'B1', 'distance' => '5401', 'tape' => 'steel']);
        $this->send('entries/tape', $tape)->assertSessionHasNoErrors();
        $this->send('entries/tape', $tape)->assertSessionHasNoErrors();
        $this->assertSame(1, $this->job->entries()->count());
    }

    public function test_the_same_id_with_other_content_is_refused_with_both_shown(): void
    {
        $tape = $this->form(['from' => 'A1', 'to' => 'B1', 'distance' => '5401', 'tape' => 'steel']);
        $this->send('entries/tape', $tape);
        $answer = $this->send('entries/tape', ['distance' => '5407'] + $tape)->assertSessionHasErrors('refused');
        $this->assertStringContainsString('5401', (string) $answer->getSession()?->get('errors')->first('refused'));
        $this->followRedirects($answer)->assertSee('value="5407"', false);
        $this->assertSame(1, $this->job->entries()->count());
    }

    public function test_of_two_corrections_of_one_entry_the_second_is_shown_the_first(): void
    {
        $this->send('entries/tape', $this->form(['from' => 'A1', 'to' => 'B1', 'distance' => '5401', 'tape' => 'steel']));
        $first = (string) $this->job->entries()->firstOrFail()->sequence;
        $correct = fn (string $distance) => $this->send(
            'entries/tape', $this->form(['from' => 'A1', 'to' => 'B1', 'distance' => $distance, 'tape' => 'steel', 'replaces' => $first]),
        );
        $correct('5400')->assertSessionHasNoErrors();
        $correct('5399')->assertSessionHasErrors('refused');
        $this->assertSame(2, $this->job->entries()->count());
    }

    public function test_a_correction_is_of_the_same_kind_and_nothing_aims_at_another_jobs_entry(): void
    {
        $this->send('entries/tape', $this->form(['from' => 'A1', 'to' => 'B1', 'distance' => '5401', 'tape' => 'steel']));
        $tape = (string) $this->job->entries()->firstOrFail()->sequence;
        $this->send('entries/hole', $this->form(['post' => 'A1', 'depth' => '1000', 'replaces' => $tape]))->assertSessionHasErrors('refused');
        $other = $this->job($this->user);
        $this->write($other, $this->user, new HoleDug($other->revision->plan()->grid->labelled('A1')->id, Length::millimetres(900)));
        $theirs = (string) $other->entries()->firstOrFail()->sequence;
        $this->send('entries/hole', $this->form(['post' => 'A1', 'depth' => '1000', 'replaces' => $theirs]))->assertSessionHasErrors('refused');
        $this->send('entries/strike', $this->form(['sequence' => $theirs, 'reason' => 'not ours']))->assertSessionHasErrors('refused');
        $this->assertSame([1, 1], [$this->job->entries()->count(), $other->entries()->count()]);
    }

    public function test_the_database_itself_refuses_to_change_or_lose_an_entry_or_a_revision(): void
    {
        $this->write($this->job, $this->user, new NoticeAsked('2026-05-04', 3, ''));
        foreach ([
            'UPDATE entries SET kind = "rod"', 'DELETE FROM entries', 'UPDATE plan_revisions SET number = 9', 'DELETE FROM plan_revisions',
        ] as $act) {
            try {
                DB::statement($act);
                $this->fail("{$act} was let through");
            } catch (QueryException $refusal) {
                $this->assertStringContainsString('only grows', $refusal->getMessage());
            }
        }
    }

    public function test_a_struck_entry_stays_in_the_book_and_can_be_brought_back(): void
    {
        $this->write($this->job, $this->user, new HoleDug($this->job->revision->plan()->grid->labelled('A1')->id, Length::millimetres(900)));
        $sequence = (string) $this->job->entries()->firstOrFail()->sequence;
        $this->send('entries/strike', $this->form(['sequence' => $sequence, 'reason' => '']))->assertSessionHasErrors('reason');
        $this->send('entries/strike', $this->form(['sequence' => $sequence, 'reason' => 'wrong post']))->assertSessionHasNoErrors();
        $this->page('logbook')->assertSee('<span class="muted">struck: wrong post', false)->assertSee('Hole A1 dug');
        $this->send('entries/strike', $this->form(['sequence' => (string) ((int) $sequence + 1), 'reason' => 'it was right']));
        $this->page('logbook')->assertDontSee('<span class="muted">struck: wrong post', false);
        $this->send('entries/strike', $this->form(['sequence' => '4711', 'reason' => 'nothing']))->assertSessionHasErrors('refused');
    }

    #[TestWith(['entries/tape', ['from' => 'A1', 'to' => 'A1', 'distance' => '5400', 'tape' => 'steel'], 'distance', 'same stake twice'])]
    #[TestWith(['entries/tape', ['from' => 'A1', 'to' => 'B1', 'distance' => '0', 'tape' => 'steel'], 'distance', 'above zero'])]
    #[TestWith(['entries/tape', ['from' => 'A1', 'to' => 'B1', 'distance' => '5,400', 'tape' => 'steel'], 'distance', 'two things'])]
    #[TestWith(['entries/tape', ['from' => 'A1', 'to' => 'Z9', 'distance' => '5400', 'tape' => 'steel'], 'to', 'no post Z9'])]
    #[TestWith(['quick', ['line' => 'a1 5400'], 'line', 'not understood after A1'])]
    #[TestWith(['quick', ['line' => 'a1-q7 5400'], 'line', 'no post'])]
    #[TestWith(['quick', ['line' => 'a1 hole 900 wide 20'], 'line', 'would not go in'])]
    #[TestWith(['quick', ['line' => 'a1 take the hole because it is late'], 'line', 'A corner is never shortened'])]
    #[TestWith(['quick', ['line' => 'a1 cast 3000 lane'], 'line', 'is another place'])]
    #[TestWith(['quick', ['line' => 'a1-b1 54000'], 'line', 'A digit too many?'])]
    #[TestWith(
        [
            'entries/plumb',
            ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'plus_x', 'way' => 'bob', 'gap' => '3', 'level' => '0', 'stage' => 'filled'], 'level',
            'height it hangs from',
        ],
    )]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'plus_x', 'way' => 'angle', 'gap' => 'a bit', 'stage' => 'filled'],
            'gap', 'is no angle',
        ],
    )]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'plus_x', 'gap' => '700', 'level' => '1200', 'stage' => 'filled'],
            'gap', 'No standing post leans so far',
        ],
    )]
    #[TestWith(['entries/filled', ['post' => 'A1', 'step' => 'done', 'bags' => 'many'], 'bags', 'how many went in'])]
    #[TestWith(['entries/filled', ['post' => 'A1', 'step' => 'done', 'celsius' => '90'], 'celsius', 'Nobody pours'])]
    #[TestWith(['entries/embedment_line', ['post' => 'A1', 'line_up' => '0', 'line_off_ground' => '3', 'line_is' => 'above'], 'line_up', 'above the foot'])]
    #[TestWith(['entries/top_over', ['post' => 'A1', 'top_over' => '1050', 'line' => 'gone'], 'top_over', 'No line is in the plan'])]
    #[TestWith(['entries/twist', ['post' => 'A1', 'twist' => '3', 'over' => '0', 'turned' => 'with'], 'over', 'length of the level'])]
    #[TestWith(['entries/spacing', ['from' => 'A1', 'to' => 'A1', 'at' => 'top', 'spacing' => '5400'], 'spacing', 'same stake twice'])]
    #[TestWith(['entries/picture', ['post' => 'A1', 'phase' => 'set'], 'picture', 'No picture came along'])]
    #[TestWith(['entries/service', ['type' => 'gas', 'no_dig' => '600', 'points' => '3;4'], 'points', 'two points'])]
    #[TestWith(['entries/service', ['type' => 'gas', 'no_dig' => '600', 'points' => "3;4\n5"], 'points', 'Row 2'])]
    #[TestWith(['entries/notice', ['asked_on' => '2026-02-31', 'working_days' => '3'], 'asked_on', 'year-month-day'])]
    #[TestWith(['entries/notice', ['asked_on' => '2026-02-03', 'working_days' => 'a few'], 'working_days', 'whole number'])]
    #[TestWith(['entries/rod', ['post' => 'A1', 'rod' => '-5'], 'rod', 'below zero'])]
    #[TestWith(['entries/benchmark', ['name' => '', 'height' => '0'], 'name', 'what the benchmark is'])]
    #[TestWith(['entries/hole', ['post' => 'A1', 'depth' => 'deep'], 'depth', '“deep”'])]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => '', 'gap' => '3', 'level' => '1200', 'stage' => 'filled'], 'leans',
            'to which side the top goes',
        ],
    )]
    #[TestWith(
        ['entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'level' => '1200', 'stage' => 'filled'], 'leans', 'to which side the top goes'],
    )]
    #[TestWith(
        [
            'entries/plumb', ['post' => 'A1', 'face' => 'minus_y', 'leans' => 'plus_x', 'gap' => '3', 'level' => '0', 'stage' => 'filled'], 'level',
            'length of the level',
        ],
    )]
    #[TestWith(['entries/top', ['post' => 'A1', 'above' => ''], 'above', 'Nothing was typed'])]
    #[TestWith(['entries/handed_over', ['to' => '', 'remark' => ''], 'to', 'who takes the work over'])]
    #[TestWith(['entries/decision', ['about' => 'accept_lean', 'post' => 'A1', 'reason' => ''], 'reason', 'Say why'])]
    public function test_wrong_input_is_answered_at_its_field_and_stores_nothing(string $where, array $fields, string $field, string $sentence): void
    {
        $answer = $this->send($where, $this->form($fields))->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
        $this->assertSame(0, $this->job->entries()->count());
    }

    public function test_a_quick_line_is_a_tape(): void
    {
        $this->send('quick', $this->form(['line' => "b2-a1 21' 3 1/2"]))->assertSessionHasNoErrors();
        $this->page('logbook')->assertSee('Tape B2–A1', false)->assertSee('Strike entry');
        $this->send('quick', $this->form(['line' => 'a1-b1 54000', 'sure' => '1']))->assertSessionHasNoErrors();
    }

    public function test_a_quick_line_strikes_and_says_when_there_is_nothing_to_strike(): void
    {
        $this->send('quick', $this->form(['line' => 'a1-b1 5400']))->assertSessionHasNoErrors();
        $sequence = (int) $this->job->entries()->max('sequence');
        $this->send('quick', $this->form(['line' => "strike {$sequence} because read from the wrong nail"]))->assertSessionHasNoErrors();
        $this->page('logbook')->assertSee('struck: read from the wrong nail');
        $this->followingRedirects()->from("/jobs/{$this->job->id}/logbook")->post(
            "/jobs/{$this->job->id}/quick", $this->form(['form' => 'quick', 'line' => 'strike 99999 because it is not there']),
        )->assertSee('There is no entry 99999')->assertSee('value="strike 99999 because it is not there"', false);
    }

    public function test_a_quick_line_echoes_how_it_is_understood_and_what_could_follow(): void
    {
        $echo = fn (string $line) => $this->get("/jobs/{$this->job->id}/quick?line=".urlencode($line))->assertOk();
        $echo('b2')->assertSee('data-fill="b2 hole "', false);
        $echo('b2 hole 1050')->assertSeeText("read as: Hole B2 dug: 1050\u{202F}mm");
        $echo('a1 plumb 3 barn over 1200')->assertSeeText("stream face: 3\u{202F}mm toward the barn over 1200\u{202F}mm, braced, the hole open");
        $echo('b2 hole deep')->assertSee('“deep”');
        $echo('')->assertSee('');
    }

    public function test_a_book_that_is_full_says_so_and_can_still_be_struck_in_and_handed_over(): void
    {
        $there = $this->job->entries()->count();
        config(['aequus.most.entries' => $there + 1]);
        $remark = fn (string $id) => $this->send('entries/remark', ['form' => 'remark', 'client_id' => $id, 'text' => 'the last that fits']);
        $remark('fits')->assertSessionHasNoErrors();
        $remark('fits')->assertSessionHasNoErrors();
        $remark('too-many')->assertSessionHasErrors();
        $this->assertStringContainsString('This book holds '.($there + 1).' entries', (string) session('errors')?->first());
        $last = (int) $this->job->entries()->max('sequence');
        $this->send('entries/strike', ['form' => 'strike', 'client_id' => 'struck', 'sequence' => (string) $last, 'reason' => 'typed wrong'])->assertSessionHasNoErrors();
        $this->assertSame($there + 2, $this->job->entries()->count());
    }

    public function test_the_book_is_read_by_post_and_by_kind(): void
    {
        foreach (['a1-b1 5400', 'a1 note damp', 'b2 note dry'] as $line) {
            $this->send('quick', $this->form(['line' => $line]));
        }
        $this->page('logbook?post=A1')->assertSee('2 entries')->assertSee('damp')->assertDontSee('dry');
        $this->page('logbook?kind=remark')->assertSee('2 entries')->assertDontSee('Tape A1–B1');
        $this->page('logbook?post=A1&kind=remark')->assertSee('1 entry');
        $this->page('logbook?post=A2')->assertSee('Nothing of that is written');
    }

    public function test_moving_two_stakes_is_one_press_and_makes_their_tapes_old(): void
    {
        foreach ([['A1', 'B1', '5400'], ['B1', 'B2', '3600']] as [$from, $to, $distance]) {
            $this->send('entries/tape', $this->form(['from' => $from, 'to' => $to, 'distance' => $distance, 'tape' => 'steel']));
        }
        $this->send('entries/stake_moved', $this->form(['posts' => 'A2 B2']))->assertSessionHasNoErrors();
        $this->assertSame(4, $this->job->entries()->count());
        $this->page('logbook')->assertSee('from before the stake was moved');
    }

    public function test_the_echo_says_how_a_length_is_understood(): void
    {
        $this->get('/echo?unit=in&distance='.urlencode("12' 6 3/4"))->assertSee('3829.1', false);
        $this->get('/echo?unit=mm&distance=1,500')->assertSee('could mean two things');
    }

    public function test_a_page_left_open_too_long_gives_back_what_was_typed(): void
    {
        $this->app['env'] = 'production';
        $answer = $this->from("/jobs/{$this->job->id}/square")->post(
            "/jobs/{$this->job->id}/entries/tape",
            $this->form(['form' => 'tape', 'from' => 'A1', 'to' => 'B1', 'distance' => '5403', 'tape' => 'steel']),
        );
        $this->followRedirects($answer)->assertSee('too long to be sent')->assertSee('value="5403"', false);
    }

    private function send(string $where, array $fields): \Illuminate\Testing\TestResponse
    {
        return $this->from("/jobs/{$this->job->id}/square")->post("/jobs/{$this->job->id}/{$where}", $fields);
    }

    private function page(string $name): \Illuminate\Testing\TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/{$name}")->assertOk();
    }

    public function test_every_kind_of_entry_has_a_class_of_its_own_a_form_and_words(): void
    {
        $words = new EntryWords(app(ReadSite::class)->site($this->job)->state);
        $said = [];
        foreach (EntryKind::cases() as $kind) {
            $this->assertTrue(is_subclass_of($kind->payload(), Payload::class));
            $this->assertTrue(is_subclass_of(EntryRequest::of($kind), EntryRequest::class), "a form for {$kind->value}");
            $this->post("/jobs/{$this->job->id}/entries/{$kind->value}", ['client_id' => "of-{$kind->value}", 'form' => $kind->value]);
            $said[] = EntryWords::called($kind);
            // Nothing is said in it yet, so its words stumble over the first part they want; only that nobody has any is not forgiven.
            try {
                $words->say((new ReflectionClass($kind->payload()))->newInstanceWithoutConstructor());
            } catch (LogicException $missing) {
                $this->fail($missing->getMessage());
            } catch (Error) {
            }
        }
        $this->assertCount(count($said), array_unique($said));
        $this->post("/jobs/{$this->job->id}/entries/dance", ['client_id' => 'x'])->assertNotFound();
    }
}
