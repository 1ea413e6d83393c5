<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\LogEntry;
use Illuminate\Http\Request;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\FeatureTestCase;

/** What comes in that no form of ours sends is turned away with a 4xx, and nobody is led elsewhere. */
final class RequestsTest extends FeatureTestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->job($person = $this->person(), Builds::plan([2400], [3000]));
        $this->actingAs($person);
    }

    #[TestWith(["a\xC3(b"])]
    #[TestWith(["\xFF\xFE"])]
    #[TestWith(["a\0b"])]
    #[TestWith([['a', 'list']])]
    #[TestWith([['text' => ['deep' => 'list']]])]
    public function test_what_is_no_line_of_text_is_turned_away_and_nothing_is_stored(mixed $typed): void
    {
        $this->post("/jobs/{$this->job->id}/entries/remark", $this->form(['form' => 'remark', 'text' => $typed]))->assertStatus(400)
            ->assertSee('That could not be read');
        $this->post("/jobs/{$this->job->id}/quick", $this->form(['form' => 'quick', 'line' => $typed]))->assertStatus(400);
        $this->get('/?'.http_build_query(['find' => $typed]))->assertStatus(400);
        $this->assertSame(0, LogEntry::query()->count());
    }

    #[TestWith(['/jobs/1/set/%FF'])]
    #[TestWith(['/jobs/1/set/A1%00'])]
    public function test_an_address_that_is_no_text_is_turned_away(string $address): void
    {
        $this->get($address)->assertStatus(400);
    }

    #[TestWith(['http://elsewhere.test/x'])]
    #[TestWith(['//elsewhere.test/x'])]
    #[TestWith(['https://127.0.0.1.elsewhere.test/'])]
    #[TestWith(['javascript:alert(1)'])]
    public function test_a_form_from_elsewhere_is_turned_away_and_a_link_from_there_leads_only_here(string $from): void
    {
        $this->post("/jobs/{$this->job->id}/quick", $this->form(['form' => 'quick', 'line' => '']), ['Referer' => $from])->assertForbidden();
        $this->post('/cautions/beam', [], ['Origin' => $from])->assertForbidden();
        $this->get('/', ['Referer' => $from])->assertOk();
        $this->get('/sign-in', ['Referer' => $from])->assertRedirect('/');
    }

    #[TestWith(['127.0.0.1:8090', 302])]
    #[TestWith(['elsewhere.test', 400])]
    #[TestWith(['127.0.0.1.elsewhere.test', 400])]
    public function test_it_answers_only_by_its_own_names(string $host, int $status): void
    {
        Request::setTrustedHosts(array_map(fn (string $name) => '^'.preg_quote($name).'$', (array) config('aequus.hosts')));
        try {
            $answer = $this->get("http://{$host}/sign-in")->assertStatus($status);
            $this->assertStringNotContainsString('elsewhere', (string) $answer->headers->get('Location'));
        } finally {
            Request::setTrustedHosts([]);
        }
    }

    public function test_every_answer_carries_the_headers_those_that_turn_away_too(): void
    {
        foreach (['/', '/nowhere', '/?find=%FF', '/up', '/sign-in'] as $uri) {
            $answer = $this->get($uri);
            foreach (['Content-Security-Policy', 'X-Content-Type-Options', 'Referrer-Policy', 'Permissions-Policy', 'Cache-Control'] as $header) {
                $this->assertTrue($answer->headers->has($header), "{$uri}: {$header}");
            }
        }
    }

    /** Seed 417. AEQUUS_FUZZ says how many; ./aequus fuzz N sends N. */
    public function test_no_made_up_request_is_answered_with_a_fault_or_leads_elsewhere(): void
    {
        $this->withoutVite();
        $dice = new Randomizer(new Mt19937(417));
        $pick = fn (array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
        $values = [
            '', '0', '-1', '1e309', '99999999999999999999', "7' 6 1/2", '2400', 'A1', 'Z99', 'plus_x', 'done', "a\0", "\xFF", '<script>alert(1)</script>', '{{7*7}}', "'; DROP TABLE entries; --",
            str_repeat('9', 5000), '½', '−12', '٣٤', ['x'], ['a' => ['b' => 'c']], null, 'true', 'http://elsewhere.test', '../../etc/passwd', '%00', "line\nbreak", '🪵',
        ];
        $fields = [
            'post', 'from', 'to', 'distance', 'depth', 'width', 'rod', 'line', 'text', 'reason', 'sequence', 'step', 'celsius', 'bags', 'side', 'face', 'gap', 'over', 'client_id', 'sure',
            'form', 'tape', 'rise', 'name', 'place', 'kind', 'notation', 'bays_x', 'bays_y', 'standing', 'hole', 'frost', 'margin', 'embedment', 'based_on', 'of_job', 'soil', 'customs', 'way', 'shelf', 'how',
            'find', 'pull', 'along', 'part', 'unit', 'email', 'password', 'about', 'to_whom', 'date', 'sent', 'days', 'top', 'off', 'toward', 'run', 'stake', 'collar', 'cure_datum',
        ];
        $routes = array_values(array_filter(
            app('router')->getRoutes()->getRoutes(), fn ($route) => ! in_array($route->uri(), ['sign-out'], true),
        ));
        $labels = ['A1', 'b2', 'Z9', '1', '0', "\xFF", 'tapes', 'hole', 'remark', 'plus_x', '../x', '%', 'strike', 'plumb', 'quick'];
        $statuses = [];
        for ($i = 0; $i < (int) (getenv('AEQUUS_FUZZ') ?: 2000); $i++) {
            $route = $pick($routes);
            $uri = (string) preg_replace_callback('/\{(\w+)\??\}/', fn (array $at) => rawurlencode((string) ($at[1] === 'job' ? $pick([$this->job->id, $this->job->id, $this->job->id, 0, 'x']) : $pick($labels))), $route->uri());
            $method = $pick(array_values(array_diff($route->methods(), ['HEAD'])));
            $sent = [];
            for ($n = $dice->getInt(0, 7); $n > 0; $n--) {
                $sent[$pick($fields)] = $pick($values);
            }
            $headers = $pick([[], [], [], ['Referer' => 'http://elsewhere.test/'], ['Accept' => 'application/json'], ['HX-Request' => 'true']]);
            $answer = $method === 'GET' ? $this->get("/{$uri}?".http_build_query($sent), $headers) : $this->call($method, "/{$uri}", $sent, server: $this->transformHeadersToServerVars($headers));
            $statuses[$answer->getStatusCode()] = ($statuses[$answer->getStatusCode()] ?? 0) + 1;
            $this->assertLessThan(500, $answer->getStatusCode(), "{$i}: {$method} /{$uri} ".json_encode($sent, JSON_INVALID_UTF8_SUBSTITUTE).($answer->exception?->getMessage() ?? ''));
            $this->assertContains(parse_url((string) $answer->headers->get('Location'), PHP_URL_HOST), [null, '127.0.0.1'], "{$i}: {$method} /{$uri}");
            if (str_contains((string) $answer->headers->get('Content-Type'), 'text/html')) {
                $this->assertStringNotContainsString('<script>alert', (string) $answer->getContent(), "{$i}: {$method} /{$uri}");
            }
            if ($i % 50 === 49) {
                $this->actingAs($this->job->revision->user);
            }
        }
        $this->assertGreaterThan(3, count($statuses), (string) json_encode($statuses));
    }
}
