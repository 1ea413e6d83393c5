<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Measure\Vector;
use App\Exchange\Drawn\DrawingFile;
use App\Exchange\Drawn\Drawn;
use App\Exchange\Drawn\DrawnRefusal;
use App\Exchange\Drawn\Shape;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Drawings of other programs, as they write them: what is understood, what is not, and what is refused. */
final class DrawnTest extends TestCase
{
    public function test_each_kind_of_entity_is_read_with_its_layer(): void
    {
        $drawn = DrawingFile::read(self::dxf(4, [
            'POINT', 8, 'PEGS', 10, '1200.5', 20, '-300', 30, '7'], ['CIRCLE', 8, 'PEGS', 10, '0', 20, '0', 40, '70'],
            ['INSERT', 8, 'POSTS', 66, '1', 2, 'P', 10, '2400', 20, '3000', 0, 'ATTRIB', 8, 'LABELS', 10, '9', 20, '9', 1, 'B2', 2, 'LABEL', 0, 'SEQEND', 8, 'POSTS'],
            ['LINE', 8, 'GAS', 10, '0', 20, '0', 11, '5000', 21, '0'], ['POLYLINE', 8, 'HOUSE', 66, '1', 10, '0', 20, '0', 70, '1', 0, 'VERTEX', 8, 'HOUSE', 10, '0', 20, '9000', 0, 'VERTEX', 8, 'HOUSE', 10, '4000', 20, '9000', 0, 'VERTEX', 8, 'HOUSE', 10, '4000', 20, '12000', 0, 'SEQEND'],
            ['LWPOLYLINE', 100, 'AcDbEntity', 8, 'ROAD', 90, '2', 70, '0', 10, '1', 20, '2', 10, '3', 20, '4'], ['TEXT', 8, 'PEGS', 10, '0', 20, '0', 1, 'a peg'], ['SPLINE', 8, 'ROAD', 10, '0', 20, '0'], ['SPLINE', 8, 'ROAD', 10, '0', 20, '0'],
        ));
        $this->assertNull($drawn->refused);
        $this->assertSame(1.0, $drawn->unit);
        $this->assertEquals([
            new Shape('PEGS', [new Vector(1200.5, -300.0)]), new Shape('PEGS', [new Vector(0.0, 0.0)], false, 'a peg'), new Shape('POSTS', [new Vector(2400.0, 3000.0)], false, 'B2'),
            new Shape('GAS', [new Vector(0.0, 0.0), new Vector(5000.0, 0.0)]), new Shape('HOUSE', [new Vector(0.0, 9000.0), new Vector(4000.0, 9000.0), new Vector(4000.0, 12000.0)], true),
            new Shape('ROAD', [new Vector(1.0, 2.0), new Vector(3.0, 4.0)]),
        ], $drawn->shapes);
        $this->assertSame(['SPLINE' => 2], $drawn->left, 'the text names the place nearest to it');
        $this->assertSame(['PEGS', 'POSTS', 'GAS', 'HOUSE', 'ROAD'], array_keys($drawn->layers()));
    }

    /** Written by GDAL out of a GeoJSON: places and lines of another program. */
    public function test_a_drawing_that_another_program_wrote_is_read(): void
    {
        $folder = sys_get_temp_dir().'/drawn-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $feature = fn (string $kind, array $at): array => ['type' => 'Feature', 'properties' => ['Layer' => $kind], 'geometry' => ['type' => $kind, 'coordinates' => $at]];
        file_put_contents("{$folder}/in.geojson", json_encode(['type' => 'FeatureCollection', 'features' => [$feature('Point', [12.5, 7.25]), $feature('LineString', [[0, 0], [4, 3], [8, 3]])]]));
        exec('ogr2ogr -f DXF '.escapeshellarg("{$folder}/out.dxf").' '.escapeshellarg("{$folder}/in.geojson").' 2>&1', $said, $exit);
        $this->assertSame(0, $exit, implode("\n", $said));
        $drawn = DrawingFile::read((string) file_get_contents("{$folder}/out.dxf"));
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
        $this->assertNull($drawn->refused);
        $this->assertEquals([[new Vector(12.5, 7.25)], [new Vector(0.0, 0.0), new Vector(4.0, 3.0), new Vector(8.0, 3.0)]], array_map(fn (Shape $shape) => $shape->points, $drawn->shapes));
    }

    #[TestWith([1, 25.4])]
    #[TestWith([2, 304.8])]
    #[TestWith([5, 10.0])]
    #[TestWith([6, 1000.0])]
    #[TestWith([0, null])]
    public function test_its_unit_is_what_its_header_says(int $number, ?float $unit): void
    {
        $this->assertSame($unit, DrawingFile::read(self::dxf($number, ['POINT', 10, '1', 20, '1']))->unit);
    }

    /** Blocks are looked into nowhere: what they are made of is no thing on the site. */
    public function test_only_entities_are_things(): void
    {
        $text = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n0\nPOINT\n8\nX\n10\n1\n20\n1\n0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nPOINT\n8\nY\n10\n2\n20\n2\n0\nENDSEC\n0\nEOF\n";
        $this->assertEquals([new Shape('Y', [new Vector(2.0, 2.0)])], DrawingFile::read($text)->shapes);
    }

    public function test_points_of_a_survey_are_east_and_north(): void
    {
        $xml = '<?xml version="1.0"?><LandXML xmlns="http://www.landxml.org/schema/LandXML-1.2"><Units><Metric linearUnit="meter"/></Units><CgPoints>'
            .'<CgPoint name="A1" code="POST">5345678.002 512345.001 418.2</CgPoint><CgPoint name="x">north</CgPoint></CgPoints><Surfaces><Surface name="ground"/></Surfaces></LandXML>';
        $drawn = DrawingFile::read($xml);
        $this->assertEquals([new Shape('POST', [new Vector(512345.001, 5345678.002)], false, 'A1')], $drawn->shapes);
        $this->assertSame([1000.0, ['CgPoint' => 1, 'Surface' => 1], true], [$drawn->unit, $drawn->left, $drawn->isWorld]);
        $this->assertEqualsWithDelta(304.8006096, DrawingFile::read(str_replace('Metric linearUnit="meter"', 'Imperial linearUnit="USSurveyFoot"', $xml))->unit, 1e-9);
    }

    #[TestWith(['nothing of the kind', DrawnRefusal::NoDrawing])]
    #[TestWith(['', DrawnRefusal::NoDrawing])]
    #[TestWith(["drawing\r\n\x1a\x00", DrawnRefusal::Binary])]
    #[TestWith(["0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n", DrawnRefusal::Nothing])]
    #[TestWith(['<LandXML></LandXML>', DrawnRefusal::Nothing])]
    #[TestWith(['<kml></kml>', DrawnRefusal::NoDrawing])]
    #[TestWith(['<LandXML><CgPoint>1 2', DrawnRefusal::NoDrawing])]
    #[TestWith(['<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><LandXML><CgPoint>&b;</CgPoint></LandXML>', DrawnRefusal::Entities])]
    #[TestWith(['<!DOCTYPE x SYSTEM "file:///etc/passwd"><LandXML/>', DrawnRefusal::Entities])]
    public function test_what_is_no_such_drawing_is_refused(string $bytes, DrawnRefusal $why): void
    {
        $this->assertSame($why, DrawingFile::read($bytes)->refused);
    }

    public function test_a_drawing_of_a_town_is_too_much(): void
    {
        $this->assertSame(DrawnRefusal::TooMuch, DrawingFile::read(self::dxf(4, ...array_fill(0, Drawn::MOST + 1, ['POINT', 10, '1', 20, '1'])))->refused);
    }

    /** Seed 77: bits turned, bytes cut and doubled; it is read or refused, and never more than its size says. */
    public function test_a_damaged_drawing_never_breaks_the_reader(): void
    {
        $dice = new Randomizer(new Mt19937(77));
        $whole = [self::dxf(4, ['POINT', 8, 'A', 10, '1', 20, '2'], ['POLYLINE', 8, 'H', 70, '1', 0, 'VERTEX', 10, '0', 20, '0', 0, 'VERTEX', 10, '5', 20, '5', 0, 'SEQEND'], ['INSERT', 8, 'P', 10, '1', 20, '1', 0, 'ATTRIB', 1, 'A1', 0, 'SEQEND']), '<LandXML><Units><Metric linearUnit="meter"/></Units><CgPoints><CgPoint name="a">1 2 3</CgPoint></CgPoints></LandXML>'];
        $read = 0;
        $many = (int) (getenv('AEQUUS_DAMAGED') ?: 1000);
        for ($i = 0; $i < $many; $i++) {
            $bytes = $whole[$i % 2];
            for ($times = $dice->getInt(1, 4); $times > 0; $times--) {
                $at = $dice->getInt(0, strlen($bytes) - 1);
                $bytes = match ($dice->getInt(0, 2)) {
                    0 => substr_replace($bytes, chr($dice->getInt(0, 255)), $at, 1), 1 => substr($bytes, 0, $at).substr($bytes, min(strlen($bytes), $at + $dice->getInt(1, 9))).' ', default => substr($bytes, 0, $at).substr($bytes, max(0, $at - 20)),
                };
            }
            $drawn = DrawingFile::read($bytes);
            $this->assertSame($drawn->refused === null, $drawn->shapes !== []);
            $read += $drawn->refused === null ? 1 : 0;
        }
        $this->assertGreaterThan($many / 10, $read);
        $this->assertLessThan(0.9 * $many, $read);
    }

    /** @param  list<int|string>  ...$entities  each its kind, then code and value in turn */
    public static function dxf(int $unit, array ...$entities): string
    {
        $text = "0\nSECTION\n2\nHEADER\n9\n\$ACADVER\n1\nAC1027\n9\n\$INSUNITS\n70\n{$unit}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n";
        foreach ($entities as $entity) {
            $text .= "0\n".implode("\n", $entity)."\n";
        }

        return "{$text}0\nENDSEC\n0\nEOF\n";
    }
}
