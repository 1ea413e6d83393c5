<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Point;
use Aequus\Site\SiteState;
use App\Actions\RevisePlan;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\FeatureTestCase;

/** A plan is placed in the world by posts both know, and its files say where each post is: turned by 30°, A1 at east 512 345, north 5 345 678 metres. */
final class WorldTest extends FeatureTestCase
{
    private const TURN = 0.5235987755982988;

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
        $point = fn (int $x, int $y): Point => new Point(Length::millimetres($x), Length::millimetres($y));
        $this->job = $this->job($this->user, Builds::plan()->withSite([
            new SiteObject('o1', 'barn', SiteKind::House, [$point(0, 9000), $point(4000, 9000), $point(4000, 12000)], Length::zero(), Length::zero()),
        ]));
    }

    public function test_the_plan_is_placed_and_every_file_says_where_each_post_is(): void
    {
        $this->get($this->at('files/world'))->assertOk()->assertSeeText('Nobody said where it lies');
        $this->get($this->at('files/stakes.csv'))->assertNotFound();
        $this->keep($this->points(['A1', 'C1', 'C2']) + ['zero_height' => '418.25', 'system' => '25832'])->assertSessionHasNoErrors();
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertEquals($plan->world, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true))->world);
        $this->get($this->at('files/world'))->assertSeeText('Distances in the world are')->assertSeeText('turned 30.000');
        $b2 = $plan->grid->labelled('B2');
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), new RodReading($b2->id, Length::millimetres(1750)));
        [$east, $north] = $this->world(2400, 3000);
        $stakes = explode("\r\n", trim((string) $this->get($this->at('files/stakes.csv?order=penzd&separator=comma'))->assertOk()->getContent()));
        $this->assertCount(6, $stakes);
        $b2 = explode(',', $stakes[4]);
        $this->assertSame(['B2', '418.0000', 'POST'], [$b2[0], $b2[3], $b2[4]]);
        $this->assertEqualsWithDelta([$east, $north], [(float) $b2[1], (float) $b2[2]], 0.0002);
        // Of A1 nobody knows the ground.
        $this->assertStringEndsWith(',,POST', $stakes[0]);
        $this->assertStringContainsString("B2\t{$b2[2]}\t{$b2[1]}\t418.0000\tPOST", (string) $this->get($this->at('files/stakes.csv?order=pnezd&separator=tab'))->getContent());
        $this->landXml("{$b2[2]} {$b2[1]} 418.0000");
        $this->geoJson($east, $north);
    }

    public function test_a_point_that_is_wrong_is_named_and_nothing_is_placed(): void
    {
        $wrong = $this->points(['A1', 'C1', 'C2', 'A2']);
        $wrong['east_2'] = (string) ((float) $wrong['east_2'] + 0.1);
        $this->keep($wrong)->assertSessionHasErrors(['post_1' => 'These points do not agree: without C1 the rest does. Look at its coordinates again.']);
        $swapped = $this->points(['A1', 'C1']);
        [$swapped['east_2'], $swapped['north_2']] = [$swapped['east_1'], (string) ((float) $swapped['north_1'] + 50)];
        $this->keep($swapped)->assertSessionHasErrors('post_1');
        foreach ([
            [['post_1' => 'A1', 'east_1' => '1', 'north_1' => '2'], 'post_1'], [$this->points(['A1', 'A1']), 'post_2'], [['post_1' => 'Z9'] + $this->points(['A1', 'C1']), 'post_1'],
            [['east_1' => 'far'] + $this->points(['A1', 'C1']), 'east_1'], [['north_2' => ''] + $this->points(['A1', 'C1']), 'north_2'], [['east_1' => '1e30'] + $this->points(['A1', 'C1']), 'east_1'],
            [$this->points(['A1', 'C1']) + ['factor' => '0'], 'post_1'], [$this->points(['A1', 'C1']) + ['factor' => 'about 1'], 'factor'], [$this->points(['A1', 'C1']) + ['system' => 'here'], 'system'],
        ] as [$fields, $field]) {
            $this->keep($fields)->assertSessionHasErrors($field);
        }
        $this->assertNull($this->job->fresh()?->revision->plan()->world);
    }

    /** A placed plan that is changed so that its points no longer agree stakes nothing. */
    public function test_points_that_no_longer_agree_stake_nothing(): void
    {
        $this->keep($this->points(['A1', 'C1', 'C2']))->assertSessionHasNoErrors();
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        $this->get($this->at('files/points.xml'))->assertOk();
        $wider = Builds::plan([2400, 2600])->lyingAt($plan->world ?? $this->fail());
        app(RevisePlan::class)($this->job, $this->user, $wider, 'wider', 2);
        $this->get($this->at('files/world'))->assertOk()->assertSeeText('no longer agree with the plan');
        foreach (['stakes.csv', 'points.xml', 'plan.geojson'] as $file) {
            $this->get($this->at("files/{$file}"))->assertNotFound();
        }
    }

    public function test_an_imperial_job_is_told_in_feet(): void
    {
        $job = $this->job($this->user, Builds::plan([72 * 25.4], [96 * 25.4], notation: Notation::feetInches(8)));
        $this->post("/jobs/{$job->id}/files/world", ['form' => 'world', 'based_on' => 1, 'post_1' => 'A1', 'east_1' => '1000', 'north_1' => '2000', 'post_2' => 'B1', 'east_2' => '1006', 'north_2' => '2000', 'factor' => '1'])->assertSessionHasNoErrors();
        $this->assertStringContainsString('B2 1006.0000 2008.0000 - POST', (string) $this->get("/jobs/{$job->id}/files/stakes.csv?order=penzd&separator=space")->assertOk()->getContent());
        $this->assertStringContainsString('linearUnit="foot"', (string) $this->get("/jobs/{$job->id}/files/points.xml")->getContent());
    }

    /** Staked, taken up again, and one of them was hit by a barrow: its readings are named, all others stand. */
    public function test_stakes_as_they_stand_come_back_as_readings_and_the_blunder_is_named(): void
    {
        $this->keep($this->points(['A1', 'C1', 'C2']));
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        $this->write($this->job, $this->user, ...Builds::readings($plan));
        $file = "point,east,north,height,code\r\n";
        foreach ($plan->grid->posts as $i => $post) {
            // Read to a millimetre or two; B2 by 40 mm wrong toward the east.
            [$east, $north] = $this->world($post->at->x->inMillimetres() + 1.2 * (-1) ** $i, $post->at->y->inMillimetres() - 0.8 * (-1) ** $i);
            $file .= sprintf("%s,%.4f,%.4f,,POST\r\n", $post->label, $east + ($post->label === 'B2' ? 0.040 : 0.0), $north);
        }
        $file .= "Z9,1.0,2.0,,POST\r\nA1,1.0,2.0,,POST\r\nB1,north,2.0,,POST\r\nC1,512345.0,5345700.0,,POST\r\n";
        $read = $this->post($this->at('files/world/as-staked'), ['staked' => UploadedFile::fake()->createWithContent('staked.csv', $file), 'order' => 'penzd'])->assertOk();
        $read->assertSeeText(['6 stakes are in the file', 'Z9, 1.0, 2.0, , POST is no post of this plan.', 'has no east and north that can be read.', 'is in the file a second time.'])->assertDontSeeText('It says nothing of');
        $this->assertCount(count(Builds::readings($plan)), $this->state()->log->entries, 'nothing is stored by looking');
        $send = ['table' => $file, 'order' => 'penzd', 'class' => 'laser_meter'];
        foreach ([1, 2] as $ignored) {
            $this->post($this->at('files/world/readings'), $send)->assertSessionHas('said', '12 readings came in.');
        }
        $state = $this->state();
        $this->assertCount(12, $state->log->now(LineReading::class), 'sent twice it is there once');
        foreach ($state->log->now(LineReading::class) as $reading) {
            [$post, $line] = [$plan->grid->find($reading->post), $plan->fixedLine($reading->line)];
            $this->assertNotNull($line);
            $this->assertEqualsWithDelta($line->off($post->at ?? $this->fail())->inMillimetres(), $reading->off->inMillimetres(), $post->label === 'B2' ? 45.0 : 2.0, "{$post->label} {$reading->line}");
        }
        $wrong = array_map(fn (int $sequence) => $state->log->entries[$sequence]->payload, array_merge([], ...array_map(fn ($taken) => $taken->sequences, $state->square->toReadAgain())));
        $this->assertNotSame([], $wrong);
        foreach ($wrong as $reading) {
            $this->assertInstanceOf(LineReading::class, $reading);
            $this->assertSame('B2', $plan->grid->find($reading->post)?->label);
        }
        $this->get($this->at('square'))->assertOk()->assertSeeText('total station');
        $this->get($this->at('logbook'))->assertOk()->assertSeeText('total station, by file');
        $this->get($this->at('files/world'))->assertSeeText('Take out 12 readings that came in from files');
        $this->post($this->at('files/world/out'))->assertSessionHas('said', '12 readings were taken out.');
        $this->assertSame([], $this->state()->log->now(LineReading::class));
        $this->assertTrue($this->state()->square->holds(), 'tapes alone prove it');
        // Taken out, the same file comes in once more.
        $this->post($this->at('files/world/readings'), $send)->assertSessionHas('said', '12 readings came in.');
        $this->assertCount(12, $this->state()->log->now(LineReading::class));
    }

    public function test_swapped_columns_are_told_and_a_plan_that_lies_nowhere_takes_no_stakes(): void
    {
        $this->post($this->at('files/world/readings'), ['table' => 'A1,1,2', 'order' => 'penzd'])->assertNotFound();
        $this->keep($this->points(['A1', 'C1', 'C2']));
        [$east, $north] = $this->world(0, 0);
        $file = UploadedFile::fake()->createWithContent('staked.txt', sprintf("A1 %.3f %.3f\n", $north, $east));
        $this->post($this->at('files/world/as-staked'), ['staked' => $file, 'order' => 'penzd'])->assertOk()->assertSeeText('0 stakes are in the file')->assertSeeText('Are east and north swapped');
        $file = UploadedFile::fake()->createWithContent('staked.txt', sprintf("A1 %.3f %.3f\n", $north, $east));
        $this->post($this->at('files/world/as-staked'), ['staked' => $file, 'order' => 'pnezd'])->assertOk()->assertSeeText('1 stake is in the file')->assertSeeText('It says nothing of')->assertSeeText('B1');
        $this->post($this->at('files/world/as-staked'), ['order' => 'penzd'])->assertSessionHasErrors('staked');
    }

    /** The ground goes out as triangles and comes in beside it: another job on the same land has the same ground, as sure as a survey’s surface is. */
    public function test_a_surface_of_the_ground_goes_out_and_comes_in_as_readings(): void
    {
        $this->keep($this->points(['A1', 'C1', 'C2']) + ['zero_height' => '418.25']);
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        $high = fn (float $x, float $y): float => -200.0 - $x / 40 + $y / 100;
        $rods = array_map(fn (Post $post) => new RodReading($post->id, Length::millimetres(1500 - $high($post->at->x->inMillimetres(), $post->at->y->inMillimetres()))), $plan->grid->posts);
        $this->assertStringNotContainsString('Surface', (string) $this->get($this->at('files/points.xml'))->getContent(), 'nobody read the ground');
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), ...$rods);
        $xml = (string) $this->get($this->at('files/points.xml'))->assertOk()->getContent();
        $this->assertSame(4, substr_count($xml, '<F>'));
        $path = (string) tempnam(sys_get_temp_dir(), 'xml');
        file_put_contents($path, $xml);
        exec('xmllint --noout --schema '.escapeshellarg(base_path('tests/fixtures/landxml-points.xsd')).' '.escapeshellarg($path).' 2>&1', $said, $exit);
        unlink($path);
        $this->assertSame(0, $exit, implode("\n", $said));
        // Two posts between the others, and one beside them all.
        [$first, $this->job] = [$this->job, $this->job($this->user, Builds::plan([1200, 2000, 9000], []))];
        $this->keep($this->points(['A1', 'B1', 'D1']) + ['zero_height' => '418.25']);
        $file = fn (): UploadedFile => UploadedFile::fake()->createWithContent('ground.xml', $xml);
        $this->post($this->at('files/world/surface'), ['surface' => $file()])->assertOk()->assertSeeText(['D1 lies beside the surface', 'as sure as 20 mm']);
        $this->post($this->at('files/world/heights'))->assertSessionHas('said', 'Choose a benchmark first: heights are counted from its zero.');
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()));
        $this->post($this->at('files/world/heights'))->assertSessionHas('said', 'That drawing is no longer at hand. Choose its file once more.');
        $this->post($this->at('files/world/surface'), ['surface' => $file()]);
        $this->post($this->at('files/world/heights'))->assertSessionHas('said', '3 readings came in.');
        $state = $this->state();
        foreach (['A1' => 0.0, 'B1' => 1200.0, 'C1' => 3200.0] as $label => $x) {
            $ground = $state->level->ground[$state->plan->grid->labelled($label)] ?? $this->fail();
            $this->assertEqualsWithDelta($high($x, 0.0), $ground->inMillimetres(), 0.6, $label);
        }
        $this->assertNull($state->level->ground[$state->plan->grid->labelled('D1')] ?? null);
        $this->post($this->at('files/world/out'))->assertSessionHas('said', '3 readings were taken out.');
        $this->assertNull($this->state()->level->ground[$state->plan->grid->labelled('A1')] ?? null);
        $large = '<LandXML><Surfaces><Surface><Definition><Pnts>'.str_repeat('<P id="1">1 2 3</P>', 20_001).'</Pnts><Faces><F>1 1 1</F></Faces></Definition></Surface></Surfaces></LandXML>';
        $this->post($this->at('files/world/surface'), ['surface' => UploadedFile::fake()->createWithContent('ground.xml', $large)])->assertSessionHasErrors(['surface' => 'That surface has more than 20000 points: thin it out first, or cut it to the site.']);
        foreach (['<LandXML/>', 'no file', '<!DOCTYPE a [<!ENTITY b "c">]><LandXML/>'] as $bytes) {
            $this->post($this->at('files/world/surface'), ['surface' => UploadedFile::fake()->createWithContent('ground.xml', $bytes)])->assertSessionHasErrors('surface');
        }
        $this->job = $first;
    }

    /** For practice a made-up total station reads the stakes: marked, and proved like any other. */
    public function test_a_made_up_total_station_reads_stakes_for_practice_only(): void
    {
        $this->keep($this->points(['A1', 'C1', 'C2']));
        $this->write($this->job, $this->user, new NoticeAsked('2026-04-20', 3, ''));
        $this->post($this->at('files/world/station'))->assertNotFound();
        $this->get($this->at('files/world'))->assertDontSeeText('made-up total station');
        $this->withSession(["practice.{$this->job->id}" => true]);
        $this->get($this->at('files/world'))->assertSeeText('Let the made-up total station read them');
        $this->post($this->at('files/world/station'))->assertSessionHas('said', '12 readings came in.');
        $state = $this->state();
        $this->assertCount(12, $state->log->madeUp());
        // The same stakes by the made-up tape: both see one site.
        foreach ($state->square->wanted as $wanted) {
            if ($wanted->isTape()) {
                $this->post($this->at('practice/read'), ['client_id' => (string) Str::ulid()]);
            }
        }
        $this->assertGreaterThan(3, count($this->state()->log->now(TapeReading::class)));
        $this->assertSame([], $this->state()->square->toReadAgain());
        $this->post($this->at('practice/out'));
        $this->assertSame([], $this->state()->log->madeUp());
    }

    private function state(): SiteState
    {
        return app(ReadSite::class)->site($this->job->fresh() ?? $this->job)->state;
    }

    private function landXml(string $place): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'landxml');
        file_put_contents($path, (string) $this->get($this->at('files/points.xml'))->assertOk()->getContent());
        exec('xmllint --noout --schema '.escapeshellarg(base_path('tests/fixtures/landxml-points.xsd')).' '.escapeshellarg($path).' 2>&1', $said, $status);
        $this->assertSame(0, $status, implode("\n", $said));
        $xml = simplexml_load_file($path) ?: $this->fail();
        $points = [];
        foreach ($xml->CgPoints->CgPoint as $point) {
            $points[(string) $point['name']] = (string) $point;
        }
        unlink($path);
        $this->assertCount(6, $points);
        $this->assertSame($place, $points['B2']);
    }

    private function geoJson(float $east, float $north): void
    {
        $path = tempnam(sys_get_temp_dir(), 'geo').'.geojson';
        file_put_contents($path, (string) $this->get($this->at('files/plan.geojson'))->assertOk()->getContent());
        exec('ogrinfo -al '.escapeshellarg($path).' 2>&1', $said, $status);
        unlink($path);
        $told = implode("\n", $said);
        $this->assertSame(0, $status);
        $this->assertStringContainsString('Feature Count: 7', $told);
        $this->assertStringContainsString('EPSG",25832', $told);
        preg_match('/label \(String\) = B2\s+kind \(String\) = post\s+POINT \(([0-9.]+) ([0-9.]+)\)/', $told, $at);
        $this->assertEqualsWithDelta([$east, $north], [(float) ($at[1] ?? 0), (float) ($at[2] ?? 0)], 1e-3, $told);
        $this->assertStringContainsString('POLYGON', $told);
    }

    /** @return array{float, float} east and north, m */
    private function world(float $x, float $y): array
    {
        $at = (new Vector($x, $y))->turned(self::TURN);

        return [512_345 + $at->x / 1000, 5_345_678 + $at->y / 1000];
    }

    /**
     * @param  list<string>  $labels
     * @return array<string, string>
     */
    private function points(array $labels): array
    {
        $fields = [];
        foreach ($labels as $i => $label) {
            $post = $this->job->revision->plan()->grid->labelled($label);
            [$east, $north] = $this->world($post->at->x->inMillimetres(), $post->at->y->inMillimetres());
            $n = $i + 1;
            $fields += ["post_{$n}" => $label, "east_{$n}" => sprintf('%.4f', $east), "north_{$n}" => sprintf('%.4f', $north)];
        }

        return $fields;
    }

    /** @param  array<string, string>  $fields */
    private function keep(array $fields): TestResponse
    {
        return $this->from($this->at('files/world'))->post($this->at('files/world'), $fields + ['form' => 'world', 'based_on' => $this->job->fresh()?->revision->number, 'factor' => '1']);
    }

    private function at(string $path): string
    {
        return "/jobs/{$this->job->id}/{$path}";
    }
}
