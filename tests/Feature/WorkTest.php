<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Lasting;
use App\Models\Job;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Tests\FeatureTestCase;

/** Gates, tolerances and names of a part; heavier posts; braces; who works and what becomes of it one day: typed, refused, kept. */
final class WorkTest extends FeatureTestCase
{
    private const ROW = [
        'form' => 'part', 'part' => '', 'part_name' => 'F', 'part_kind' => 'row', 'part_points' => '0 : 0; 6000 : 0', 'part_largest' => '1500', 'part_columns' => '',
        'part_rows' => '', 'part_x' => '0', 'part_y' => '-5000', 'part_turn' => '20', 'part_gates' => '1 : 2000 : 1000 : 20', 'part_across' => '12', 'part_along' => '40',
        'part_minus_y' => 'lane', 'part_plus_y' => 'paddock', 'part_minus_x' => 'mill', 'part_plus_x' => 'weir',
    ];

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
        $this->job = $this->job($this->user);
    }

    public function test_gates_tolerances_and_side_names_of_a_part_come_back_as_typed(): void
    {
        $this->part(self::ROW)->assertSessionHasNoErrors();
        $part = $this->plan()->parts[0];
        $this->assertCount(1, $part->hung);
        $this->assertSame(['12', '40'], [$this->mm($part->closeness?->across), $this->mm($part->closeness?->along)]);
        $this->assertSame('weir', $part->sides?->plusX);
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('value="1 : 2000 mm : 1000 mm : 20 mm"', false)->assertSee('value="paddock"', false)->assertSee('value="40 mm"', false)
            // The leaf stands among what must fit, and can’t be taken away there.
            ->assertSee('gate')->assertSee('1040');
    }

    public function test_what_can_not_be_is_said_at_its_field_and_nothing_typed_is_lost(): void
    {
        foreach ([
            'part_gates' => ['1 : 5500 : 1000', 'no room in section 1'], 'part_across' => ['0', 'more than zero'], 'part_along' => ['5', 'no less than across'],
            'part_minus_y' => ['weir', 'two sides'],
        ] as $field => [$typed, $why]) {
            $fields = ($field === 'part_across' ? ['part_along' => ''] : []) + [$field => $typed] + self::ROW;
            $this->from("/jobs/{$this->job->id}/plan")->part($fields)->assertSessionHasErrors($field);
            $this->get("/jobs/{$this->job->id}/plan")->assertSee('value="'.$typed.'"', false);
        }
        foreach (['2 : 100 : 900' => 'There is no section 2', '1 : 2000' => 'is no gate', '1 : two : 900' => 'two'] as $typed => $why) {
            $this->followRedirects($this->from("/jobs/{$this->job->id}/plan")->part(['part_gates' => $typed] + self::ROW))->assertSee($why);
        }
        $this->assertSame(1, $this->job->revisions()->count());
    }

    /** A plan revised for another reason keeps what was said of the work, of heavier posts and of braces. */
    public function test_what_is_said_of_the_work_is_kept_through_a_revision(): void
    {
        $this->revise(['heavy' => '160', 'crew' => 'alone', 'lasting' => 'pulled_out', 'timber' => 'green_oak', 'make' => 'rough_sawn'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$this->job->id}/plan/brace", self::knee('2', '1500'))->assertSessionHasNoErrors();
        $this->revise(['standing' => '2500'])->assertSessionHasNoErrors();
        $plan = $this->plan();
        $this->assertSame([Crew::Alone, Lasting::PulledOut, '160', 1], [$plan->work->crew, $plan->work->lasting, $this->mm($plan->heavy?->thicker()), count($plan->braces)]);
        $this->assertSame(Hold::Pier, $plan->holdOf($plan->grid->posts[0]->id));
        $this->get("/jobs/{$this->job->id}/handover")->assertSee('It is pulled out one day')->assertSee('Unscrew a post from its base');
        $this->revise(['heavy' => '90'])->assertSessionHasErrors('heavy');
        $this->revise(['along' => '2'])->assertSessionHasErrors('along');
    }

    /** Corners of 160 among posts of 140: every figure at a face is that of its own post. */
    public function test_pages_count_with_the_heavier_posts_where_they_stand(): void
    {
        $says = fn (string $page): string => (string) preg_replace('/\s+/u', ' ', strip_tags((string) $this->get("/jobs/{$this->job->id}/{$page}")->assertOk()->getContent()));
        $outside = $this->plan()->grid->columns->length()->inMillimetres();
        $this->assertStringContainsString(($outside + 140).' mm', $says('plan'));
        $this->assertStringNotContainsString('heavier posts', $says('square/hand'));
        $across = $this->plan()->post->across();
        $this->revise(['heavy' => '160'])->assertSessionHasNoErrors();
        $this->assertStringContainsString(($outside + 160).' mm', $says('plan'));
        $this->post("/jobs/{$this->job->id}/square/rules", [
            'based_on' => (string) $this->job->revisions()->count(), 'strings' => 'face', 'string_off' => '0', 'setback' => '1200', 'board_length' => '900',
            'board_height' => '', 'cover' => '40',
        ])->assertSessionHasNoErrors();
        $this->assertStringContainsString('The strings touch the heavier posts. A common post stands 10 mm back from its string.', $says('square/hand'));
        $this->assertTrue($this->plan()->stoutest()->across()->isLongerThan($across));
        $this->assertStringContainsString($this->plan()->write($this->plan()->stoutest()->across()), $says('footing/width'));
        $this->assertStringContainsString(($outside + 160).' mm', $says('cut/set-out'));
    }

    public function test_posts_that_shall_come_out_are_not_put_into_full_concrete_without_being_asked(): void
    {
        $this->revise(['lasting' => 'pulled_out'])->assertSessionHasNoErrors();
        $hold = ['form' => 'hold', 'soil' => 'clay', 'wood' => '1', 'of_job' => 'concrete', 'collar' => '', 'based_on' => '2'];
        $this->from("/jobs/{$this->job->id}/footing/hold")->post("/jobs/{$this->job->id}/footing/hold", $hold)->assertSessionHasErrors('of_job');
        $this->followRedirects($this->from("/jobs/{$this->job->id}/footing/hold")->post("/jobs/{$this->job->id}/footing/hold", $hold))
            ->assertSee('they are broken out')->assertSee('right as typed');
        $this->assertNull($this->plan()->holding);
        $this->post("/jobs/{$this->job->id}/footing/hold", ['of_job' => 'collar'] + $hold)->assertSessionHasNoErrors();
        $this->post("/jobs/{$this->job->id}/footing/hold", ['right' => '1', 'based_on' => '3'] + $hold)->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/handover")->assertSee('Its fill does not let go');
    }

    public function test_a_brace_in_the_way_is_named_with_where_it_would_not_be(): void
    {
        $this->post("/jobs/{$this->job->id}/plan/fit", [
            'form' => 'fit', 'what' => 'thing', 'fit_name' => 'hay cart', 'fit_from' => 'A1', 'fit_to' => 'B1', 'fit_width' => '2000', 'fit_margin' => '200', 'fit_high' => '2200', 'based_on' => '1',
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$this->job->id}/plan/brace", self::knee('2', '500'))->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('Knee at A1 toward B1')->assertSee('in the way');
        $this->post("/jobs/{$this->job->id}/plan/brace", ['what' => 'drop', 'place' => '0', 'based_on' => '3'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('Knee at A1');
        foreach (['brace_high' => '0', 'brace_to' => 'Z9', 'brace_reach' => 'long'] as $field => $typed) {
            $this->post("/jobs/{$this->job->id}/plan/brace", [$field => $typed] + self::knee('4', '900'))->assertSessionHasErrors($field);
        }
        $this->actingAs($this->person('Teal'))->post("/jobs/{$this->job->id}/plan/brace", self::knee('4', '900'))->assertForbidden();
    }

    /** @return array<string, string> */
    private static function knee(string $basedOn, string $high): array
    {
        return [
            'form' => 'brace', 'brace_kind' => 'knee', 'brace_post' => 'A1', 'brace_to' => 'B1', 'brace_side' => 'minus_y', 'brace_high' => $high, 'brace_reach' => '2500',
            'based_on' => $basedOn,
        ];
    }

    /** @param  array<string, string>  $fields */
    private function part(array $fields): TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/plan/part", $fields + ['based_on' => '1']);
    }

    /** @param  array<string, string>  $fields */
    private function revise(array $fields): TestResponse
    {
        $html = (string) $this->get("/jobs/{$this->job->id}/plan")->getContent();
        preg_match_all('/<input [^>]*id="plan-([a-z_]+)"[^>]*value="([^"]*)"/', $html, $inputs, PREG_SET_ORDER);
        preg_match_all('/<select id="plan-([a-z_]+)".*?<option value="([^"]*)"\s*selected/', $html, $chosen, PREG_SET_ORDER);
        $shown = [];
        foreach ([...$inputs, ...$chosen] as [, $name, $value]) {
            $shown[$name] = html_entity_decode($value, ENT_QUOTES);
        }

        return $this->post("/jobs/{$this->job->id}/plan", ['form' => 'plan', 'right' => '1', 'reason' => 'Changed', 'based_on' => (string) $this->job->fresh()?->revision->number] + $fields + $shown);
    }

    private function plan(): Plan
    {
        return $this->job->fresh()?->revision->plan() ?? $this->fail();
    }

    private function mm(?\Aequus\Measure\Length $length): string
    {
        return (string) ($length?->inMillimetres() ?? '');
    }
}
