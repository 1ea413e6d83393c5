<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Plan\Plan;
use Aequus\Site\PlanInWorld;
use Aequus\Site\SiteState;
use App\Exchange\PointsFile;
use App\Exchange\PointsRead;
use App\Exchange\PointsRefusal;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\FeatureTestCase;

/** Points out of tables of every order, unit and separator. */
final class PointsReadTest extends FeatureTestCase
{
    /** @param  list<array{string, float, float}>  $expected  label, x and y in mm */
    #[TestWith(["label,x,y\nP1,1000,2000\nP2,-5.5,0", [['P1', 1000.0, 2000.0], ['P2', -5.5, 0.0]]])]
    #[TestWith(["across (m);along (m);no\n2;1,5;7\n", [['7', 1500.0, 2000.0]]])]
    #[TestWith(["Name\tX, ft\tY, ft\nA\t10\t20.5\n", [['A', 3048.0, 6248.4]]])]
    #[TestWith(["P1,100,200\nP2,300,400", [['P1', 100.0, 200.0], ['P2', 300.0, 400.0]]])]
    #[TestWith(["\xEF\xBB\xBFx;y\n1 000;2 000", [['', 1000.0, 2000.0]]])]
    public function test_a_table_is_read_by_what_its_first_line_says(string $table, array $expected): void
    {
        $read = new PointsRead($table, Unit::Millimetre, null);
        $this->assertNull($read->refused);
        $this->assertEquals($expected, array_map(fn (array $point) => [$point[0], $point[1]->x->inMillimetres(), $point[1]->y->inMillimetres()], $read->points));
    }

    public function test_what_is_no_point_is_left_out_and_said(): void
    {
        $read = new PointsRead("label,x,y\nP1,1,2\nnote,here,\nP2,3,4,5", Unit::Millimetre, null);
        $this->assertSame([2, ['note, here, ']], [count($read->points), $read->left]);
        $this->assertSame(PointsRefusal::NoPoints, (new PointsRead("only,words\nhere,too", Unit::Millimetre, null))->refused);
        $this->assertSame(PointsRefusal::NoPoints, (new PointsRead('', Unit::Millimetre, null))->refused);
        $this->assertSame(PointsRefusal::TooMany, (new PointsRead("x,y\n".implode("\n", array_map(fn (int $i) => "{$i},0", range(0, 200))), Unit::Millimetre, null))->refused);
    }

    /** East and north come back onto the plan: with a quarter turn B1, 2400 along, lies 2.4 m north. */
    public function test_east_and_north_are_turned_back_onto_the_plan(): void
    {
        $plan = $this->placed();
        $read = new PointsRead("point;northing;easting\nB1;2002.4;1000\nnew;2003.0;998.5", Unit::Millimetre, new PlanInWorld($plan, $plan->world ?? $this->fail()));
        $this->assertEqualsWithDelta([2400.0, 0.0], [$read->points[0][1]->x->inMillimetres(), $read->points[0][1]->y->inMillimetres()], 1e-3);
        $this->assertEqualsWithDelta([3000.0, 1500.0], [$read->points[1][1]->x->inMillimetres(), $read->points[1][1]->y->inMillimetres()], 1e-3);
        $this->assertSame(PointsRefusal::LiesNowhere, (new PointsRead("east,north\n1,2", Unit::Millimetre, null))->refused);
    }

    /** What we write ourselves comes back as it was. */
    public function test_our_own_table_of_points_is_read_back(): void
    {
        $plan = Builds::plan([2400.5, 1833], [3000, 2711]);
        $read = new PointsRead(PointsFile::write(SiteState::derive($plan, [], '2026-05-04')), Unit::Millimetre, null);
        $this->assertCount(count($plan->grid->posts), $read->points);
        foreach ($plan->grid->posts as $i => $post) {
            $this->assertSame($post->label, $read->points[$i][0]);
            $this->assertEqualsWithDelta(0.0, $post->at->distanceTo($read->points[$i][1])->inMillimetres(), 0.001);
        }
    }

    public function test_what_was_read_is_shown_before_it_is_kept(): void
    {
        $user = $this->person();
        $this->actingAs($user);
        $job = $this->job($user, Builds::plan());
        $send = fn (string $table) => $this->from("/jobs/{$job->id}/files")->post("/jobs/{$job->id}/files/points", ['points' => UploadedFile::fake()->createWithContent('points.csv', $table)]);
        $send("label,x,y\nS1,9000,500\nS2,9000,2500\nsum,,")->assertRedirect("/jobs/{$job->id}/plan");
        $this->assertSame(1, $job->revisions()->count());
        $page = $this->get("/jobs/{$job->id}/plan")->assertSeeText('2 points were read: S1, S2')->assertSeeText('Left out, as it names no place: sum');
        $this->assertMatchesRegularExpression('~name="part_points"[^>]*value="9000\D+: 500\D+; 9000\D+: 2500\D+"~u', (string) $page->getContent());
        foreach (['only words', "east,north\n1,2"] as $table) {
            $send($table)->assertRedirect("/jobs/{$job->id}/files")->assertSessionHasErrors('points');
        }
        $this->post("/jobs/{$job->id}/files/points", ['points' => 'typed'])->assertSessionHasErrors('points');
        // Sent as it stands, the part is there.
        $this->post("/jobs/{$job->id}/plan/part", ['form' => 'part', 'based_on' => 1, 'part' => '', 'part_name' => 'S', 'part_kind' => 'spots', 'part_points' => '9000 : 500; 9000 : 2500', 'part_x' => '0', 'part_y' => '0', 'part_turn' => '0'])->assertSessionHasNoErrors();
        $this->assertSame(8, count($job->fresh()?->revision->plan()->grid->posts ?? []));
    }

    /** Seed 29: a thousand tables of noise, cuts and long lines end in points or a refusal. */
    public function test_no_table_is_too_broken(): void
    {
        $dice = new Randomizer(new Mt19937(29));
        $good = "label;x (m);y (m)\nA;1,5;2,5\nB;-3;4e2\n";
        for ($i = 0; $i < 1000; $i++) {
            $table = match ($i % 3) {
                0 => substr_replace($good, $dice->getBytes($dice->getInt(1, 20)), $dice->getInt(0, strlen($good)), $dice->getInt(0, 6)), 1 => $dice->getBytes($dice->getInt(0, 400)),
                default => str_repeat($good, $dice->getInt(1, 3)).str_repeat('9;', $dice->getInt(0, 2000)),
            };
            $read = new PointsRead($table, Unit::Inch, null);
            $this->assertTrue($read->refused !== null || $read->points !== []);
        }
    }

    private function placed(): Plan
    {
        $plan = Builds::plan();
        $metres = fn (float $metres): Length => Length::millimetres($metres * 1000);

        return $plan->lyingAt(new WorldPlace([[$plan->grid->labelled('A1')->id, $metres(1000), $metres(2000)], [$plan->grid->labelled('C1')->id, $metres(1000), $metres(2004.8)]]));
    }
}
