<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\SiteState;
use App\Exchange\Csv;
use App\Exchange\DxfFile;
use App\Exchange\PointsFile;
use Tests\Builds;
use Tests\FeatureTestCase;

/** The plan as a drawing and as a table of points, read by a program of others. */
final class DrawingFileTest extends FeatureTestCase
{
    public function test_another_program_finds_every_post_with_its_label_where_it_stands(): void
    {
        $plan = Builds::plan();
        $read = $this->read(DxfFile::write(SiteState::derive($plan, [], '2026-05-04')));
        foreach ($plan->grid->posts as $post) {
            $at = [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()];
            $this->assertNotSame([], array_filter($read['POSTS'] ?? [], fn (array $one) => abs($one['middle'][0] - $at[0]) < 0.01 && abs($one['middle'][1] - $at[1]) < 0.01 && abs($one['wide'] - 140.0) < 0.01), $post->label);
            $labels = array_filter($read['LABELS'] ?? [], fn (array $one) => $one['text'] === $post->label && abs($one['middle'][0] - $at[0] - 110) < 0.01 && abs($one['middle'][1] - $at[1] - 110) < 0.01);
            $this->assertCount(1, $labels, $post->label);
        }
        $this->assertCount(5, $read['GRID'], 'three columns and two rows');
    }

    public function test_what_stands_there_lies_on_layers_of_its_own(): void
    {
        $point = fn (int $x, int $y): Point => new Point(Length::millimetres($x), Length::millimetres($y));
        $frame = UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        $plan = Builds::plan()->withFrame($frame)->withSite([
            new SiteObject('o1', 'Schuppen Müller', SiteKind::House, [$point(-5000, 0), $point(-2000, 0), $point(-2000, 4000)], Length::zero(), Length::zero()),
            new SiteObject('o2', "Walnut\n0\nEOF", SiteKind::Tree, [$point(9000, 9000)], Length::zero(), Length::millimetres(1600)),
        ]);
        $gas = Builds::entry(new ServiceLine(ServiceType::Gas, 'gas', Length::millimetres(450), [$point(-1000, 1500), $point(6000, 1500)]), 1);
        $site = SiteState::derive($plan, [$gas], '2026-05-04');
        $read = $this->read(DxfFile::write($site));
        $this->assertCount(1, $read['SERVICES'] === [] ? [] : array_filter($read['SERVICES'], fn (array $one) => $one['text'] === ''));
        $bands = array_map(fn (array $one) => round($one['middle'][1]), $read['NO_DIG'] ?? []);
        sort($bands);
        $this->assertSame([1050.0, 1950.0], $bands);
        // A name with a line break in it is one line of text, and what no byte holds is written by its number.
        $texts = array_values(array_filter(array_column($read['SITE'] ?? [], 'text')));
        $this->assertSame(['Schuppen Müller', 'Walnut 0 EOF'], $texts);
        $this->assertStringContainsString('\\U+2013', DxfFile::write(SiteState::derive($plan->withSite([new SiteObject('o1', 'a – b', SiteKind::Tree, [$point(0, 0)], Length::zero(), Length::zero())]), [], '2026-05-04')));
        $this->assertCount(4 + 10 + 4, $read['MEMBERS'], 'beams, joists and braces');
    }

    /** An imperial job is drawn in inches: 6 ft are 72. */
    public function test_an_imperial_job_is_drawn_in_inches_and_listed_in_feet(): void
    {
        $plan = Builds::plan([72 * 25.4], [96 * 25.4], notation: Notation::feetInches(8));
        $site = SiteState::derive($plan, [], '2026-05-04');
        $middles = array_map(fn (array $one) => array_map(fn (float $at) => round($at, 3), $one['middle']), $this->read(DxfFile::write($site))['POSTS'] ?? []);
        $this->assertContains([72.0, 96.0], $middles);
        $lines = Csv::read(PointsFile::write($site));
        $this->assertSame(['label', 'x, ft', 'y, ft'], array_slice($lines[0], 0, 3));
        $this->assertContains(['B2', '6.00000', '8.00000', '', ''], $lines);
    }

    public function test_points_are_a_table(): void
    {
        $user = $this->person();
        $this->actingAs($user);
        $job = $this->job($user, Builds::plan());
        $lines = Csv::read((string) $this->get("/jobs/{$job->id}/files/points.csv")->assertOk()->assertDownload('test-shelter.csv')->getContent());
        $this->assertCount(7, $lines);
        $this->assertContains(['C2', '4800', '3000', '', ''], $lines);
        $this->assertStringContainsString('AC1009', (string) $this->get("/jobs/{$job->id}/files/plan.dxf")->assertOk()->getContent());
    }

    /** @return array<string, list<array{text: string, middle: array{float, float}, wide: float}>> by layer, as GDAL reads it */
    private function read(string $dxf): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'dxf');
        file_put_contents("{$path}.dxf", $dxf);
        exec('ogr2ogr -f GeoJSON -lco RFC7946=NO -lco COORDINATE_PRECISION=6 '.escapeshellarg("{$path}.json").' '.escapeshellarg("{$path}.dxf").' 2>&1', $said, $status);
        $this->assertSame([0, []], [$status, array_values(array_filter($said, fn (string $line) => str_contains($line, 'ERROR')))], implode("\n", $said));
        $read = [];
        foreach (json_decode((string) file_get_contents("{$path}.json"), true)['features'] as $feature) {
            $places = self::places($feature['geometry']['coordinates']);
            [$x, $y] = [array_column($places, 0), array_column($places, 1)];
            $read[$feature['properties']['Layer']][] = ['text' => (string) ($feature['properties']['Text'] ?? ''), 'middle' => [(min($x) + max($x)) / 2, (min($y) + max($y)) / 2], 'wide' => max($x) - min($x)];
        }
        array_map('unlink', array_filter([$path, "{$path}.dxf", "{$path}.json"], 'is_file'));

        return $read;
    }

    /**
     * @param  array<mixed>  $coordinates  of a point, a line or an area
     * @return list<array<float>>
     */
    private static function places(array $coordinates): array
    {
        return is_array($coordinates[0]) ? array_merge(...array_map(self::places(...), $coordinates)) : [array_map(floatval(...), $coordinates)];
    }
}
