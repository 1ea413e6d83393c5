<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\FeatureTestCase;

final class AccountTest extends FeatureTestCase
{
    public function test_the_first_start_asks_for_the_owner_once(): void
    {
        $this->get('/sign-in')->assertRedirect('/owner');
        $this->post('/owner', ['name' => 'Wren', 'email' => 'wren@aequus.test', 'password' => 'short'])->assertSessionHasErrors('password');
        $this->post('/owner', ['name' => 'Wren', 'email' => 'wren@aequus.test', 'password' => 'a-long-enough-word'])->assertRedirect('/');
        $this->assertAuthenticated();
        $this->post('/sign-out');
        $this->get('/owner')->assertRedirect('/sign-in');
        $this->post('/owner', ['name' => 'Other', 'email' => 'other@aequus.test', 'password' => 'a-long-enough-word'])->assertForbidden();
        $this->assertSame(1, User::query()->count());
    }

    public function test_signing_in_is_slowed_down_after_six_tries(): void
    {
        $this->person();
        for ($try = 0; $try < 6; $try++) {
            $this->post(
                '/sign-in', ['email' => 'wren@aequus.test', 'password' => 'wrong'],
            )->assertSessionHasErrors(['email' => 'Address and password do not match. Check both.']);
        }
        $answer = $this->post('/sign-in', ['email' => 'wren@aequus.test', 'password' => 'a-long-enough-word'])->assertStatus(429)
            ->assertSee('Too many tries. Wait a minute, then try again.')->assertSee('value="wren@aequus.test"', false)->assertDontSee('a-long-enough-word');
        $this->assertGreaterThan(0, (int) $answer->headers->get('Retry-After'));
        $this->assertGuest();
    }

    /** Whoever listens for which addresses are known hears nothing: the same words after the same time. */
    public function test_a_known_and_an_unknown_address_get_the_same_answer_after_the_same_time(): void
    {
        $this->person();
        $answers = $times = [];
        // A busy machine makes now one wait and now the other: the least of three is what the application itself takes.
        for ($round = 0; $round < 3; $round++) {
            foreach ([(string) User::query()->value('email'), 'nobody@aequus.test'] as $email) {
                $begun = hrtime(true);
                $answer = $this->from('/sign-in')->post('/sign-in', ['email' => $email, 'password' => 'not the right one'])->assertRedirect('/sign-in');
                $times[$email][] = (hrtime(true) - $begun) / 1e6;
                $answers[] = [(string) session('errors')?->first(), $answer->status()];
            }
        }
        $this->assertCount(1, array_unique($answers, SORT_REGULAR));
        [$known, $unknown] = array_map(min(...), array_values($times));
        $this->assertGreaterThan(195, min($known, $unknown), 'both wait out the time box');
        $this->assertLessThan(120, abs($known - $unknown));
    }

    public function test_the_one_press_entry_exists_in_demo_mode_only(): void
    {
        $this->post('/demo')->assertNotFound();
    }

    /** @return array<string, array{string, string}> */
    public static function doors(): array
    {
        return ['a stranger' => ['guest', '/sign-in'], 'another owner' => ['other', '']];
    }

    #[DataProvider('doors')]
    public function test_every_route_of_a_job_is_closed_to(string $who, string $redirect): void
    {
        $job = $this->job($this->person());
        if ($who === 'other') {
            $this->actingAs($this->person('Nosy'));
        }
        $routes = array_filter(Routes::getRoutes()->getRoutes(), fn (Route $route) => str_starts_with($route->uri(), 'jobs/{job}'));
        $this->assertGreaterThan(25, count($routes));
        foreach ($routes as $route) {
            $uri = '/'.str_replace(
                ['{job}', '{label}', '{number}', '{token}', '{kind}'], [(string) $job->id, 'A1', '1', str_repeat('0', 32), str_contains($route->uri(), 'entries') ? 'tape' : 'tapes'],
                $route->uri(),
            );
            $answer = in_array('POST', $route->methods(), true) ? $this->post($uri, ['client_id' => 'x']) : $this->get($uri);
            $who === 'guest' ? $answer->assertRedirect($redirect) : $answer->assertForbidden();
        }
        $this->assertSame(0, $job->entries()->count());
        $this->assertSame(1, $job->revisions()->count());
    }

    public function test_every_other_page_wants_a_sign_in(): void
    {
        $this->person();
        foreach (['/', '/jobs/new', '/echo'] as $uri) {
            $this->get($uri)->assertRedirect('/sign-in');
        }
    }

    /** A list of those that are tried first is shipped; nobody’s own name, nothing of one key. */
    #[TestWith(['kurz'])]
    #[TestWith(['1234567890'])]
    #[TestWith(['Password123'])]
    #[TestWith(['aaaaaaaaaaaa'])]
    #[TestWith(['wren@aequus.test'])]
    #[TestWith(['Wrenwrenwren!!'])]
    public function test_a_password_that_is_tried_first_is_refused(string $word): void
    {
        $this->post('/owner', ['name' => 'Wrenwrenwren', 'email' => 'wren@aequus.test', 'password' => $word])->assertSessionHasErrors('password');
        $this->assertSame(0, User::query()->count());
        $this->post('/owner', ['name' => 'Wrenwrenwren', 'email' => 'wren@aequus.test', 'password' => 'three posts and a string'])->assertSessionHasNoErrors();
    }

    public function test_on_a_network_only_who_reads_the_terminal_becomes_the_owner(): void
    {
        config(['aequus.owner_code' => '042137']);
        $typed = ['name' => 'Wren', 'email' => 'wren@aequus.test', 'password' => 'three posts and a string'];
        $this->get('/owner')->assertSee('code that stands in the terminal');
        foreach ([[], ['code' => '042138'], ['code' => '']] as $code) {
            $this->post('/owner', $typed + $code)->assertSessionHasErrors('code');
        }
        $this->assertSame(0, User::query()->count());
        $this->post('/owner', $typed + ['code' => '042 137'])->assertSessionHasNoErrors();
        $this->assertSame(1, User::query()->count());
    }

    public function test_a_changed_password_counts_and_ends_every_other_sign_in(): void
    {
        $folder = sys_get_temp_dir().'/aequus-sign-ins-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['session.driver' => 'file', 'session.files' => $folder]);
        $person = $this->person();
        $elsewhere = serialize(['login_web_'.sha1(SessionGuard::class) => $person->id, 'signed_in' => ['since' => 1_700_000_000, 'from' => 'Firefox Android, 10.0.0.7']]);
        file_put_contents("{$folder}/elsewhere", $elsewhere);
        file_put_contents("{$folder}/of-another", str_replace("i:{$person->id};", 'i:9999;', $elsewhere));
        $this->actingAs($person);
        $this->get('/account')->assertOk()->assertSee('Firefox Android, 10.0.0.7');
        $change = fn (array $fields) => $this->post('/account/password', $fields + ['present' => 'a-long-enough-word', 'password' => 'three posts and a string', 'again' => 'three posts and a string']);
        $change(['present' => 'no idea at all'])->assertSessionHasErrors('present');
        $change(['password' => '1234567890', 'again' => '1234567890'])->assertSessionHasErrors('password');
        $change(['again' => 'three posts and a rope'])->assertSessionHasErrors('again');
        $this->assertFileExists("{$folder}/elsewhere");
        $change([])->assertSessionHasNoErrors();
        $this->assertFileDoesNotExist("{$folder}/elsewhere");
        $this->assertFileExists("{$folder}/of-another");
        $this->assertTrue(Hash::check('three posts and a string', (string) $person->fresh()?->password));
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_a_fault_or_a_wrong_address_is_told_in_words_with_a_way_back(): void
    {
        $this->actingAs($this->person());
        $this->get('/jobs/1/nowhere')->assertNotFound()->assertSee('There is no such page')->assertSee('To the jobs');
        foreach ([403 => 'somebody else’s work', 429 => 'Too many tries', 500 => 'Something went wrong', 503 => 'being put in its place'] as $status => $says) {
            Routes::get("/fault-{$status}", fn () => abort($status));
            $this->get("/fault-{$status}")->assertStatus($status)->assertSee($says)->assertSee('href="/"', false);
        }
    }

    public function test_pages_carry_a_strict_policy_and_nothing_inline(): void
    {
        $user = $this->person();
        $job = $this->job($user);
        foreach (['/', '/jobs/new', "/jobs/{$job->id}/plan", "/jobs/{$job->id}/square", "/jobs/{$job->id}/cut", "/jobs/{$job->id}/set/A1"] as $uri) {
            $answer = $this->actingAs($user)->get($uri)->assertOk();
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            $this->assertStringContainsString("default-src 'none'", $policy);
            $this->assertStringNotContainsString('unsafe', $policy);
            $this->assertDoesNotMatchRegularExpression('/ style="| on\w+="|<style|<script(?![^>]* src=)/', (string) $answer->getContent(), $uri);
        }
    }

    public function test_what_was_typed_survives_an_expired_sign_in(): void
    {
        $job = $this->job($this->person());
        $this->from("/jobs/{$job->id}/square")->post(
            "/jobs/{$job->id}/entries/tape", $this->form(['form' => 'tape', 'from' => 'A1', 'to' => 'B1', 'distance' => '5403', 'tape' => 'steel']),
        )->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => 'wren@aequus.test', 'password' => 'a-long-enough-word'])->assertRedirect("/jobs/{$job->id}/square");
        $this->get("/jobs/{$job->id}/square")->assertSee('value="5403"', false)->assertSee('What you typed is still here');
    }
}
