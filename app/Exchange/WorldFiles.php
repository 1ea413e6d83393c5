<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Measure\Vector;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Site\PlanInWorld;
use Aequus\Site\SiteState;
use DOMDocument;
use DOMElement;

/**
 * Posts and site where they lie in the world, for total stations and maps: tables of points, LandXML 1.2 and GeoJSON. Metres, or feet where the job
 * measures so.
 */
final readonly class WorldFiles
{
    /** In which order a table has them. */
    public const ORDERS = ['penzd' => true, 'pnezd' => true];

    public const SEPARATORS = ['comma' => ',', 'semicolon' => ';', 'tab' => "\t", 'space' => ' '];

    private const CODE = 'POST';

    private bool $isMetric;

    public function __construct(private SiteState $site, private PlanInWorld $world)
    {
        $this->isMetric = $site->plan->notation->system()->isMetric;
    }

    /** What stakes are set out by. */
    public function stakeOut(string $order, string $separator): string
    {
        $lines = '';
        foreach ($this->site->plan->grid->posts as $post) {
            $at = $this->world->at($post->at);
            [$east, $north] = [$this->figure($at->x), $this->figure($at->y)];
            $between = self::SEPARATORS[$separator] ?? ',';
            $height = $this->height($post);
            // A height that nobody knows is none, not nought; between spaces a stroke keeps its place.
            $said = $height === null ? ($between === ' ' ? '-' : '') : $this->figure($height);
            $lines .= implode($between, [$post->label, ...($order === 'pnezd' ? [$north, $east] : [$east, $north]), $said, self::CODE])."\r\n";
        }

        return $lines;
    }

    /** Points with their codes; north before east, as LandXML has them. */
    public function landXml(string $job): string
    {
        $xml = new DOMDocument('1.0', 'UTF-8');
        $xml->formatOutput = true;
        $root = $xml->createElementNS('http://www.landxml.org/schema/LandXML-1.2', 'LandXML');
        foreach (['version' => '1.2', 'date' => $this->site->today, 'time' => '00:00:00'] as $name => $value) {
            $root->setAttribute($name, $value);
        }
        $xml->appendChild($root);
        $units = $root->appendChild($xml->createElementNS((string) $root->namespaceURI, 'Units'));
        $unit = $xml->createElementNS((string) $root->namespaceURI, $this->isMetric ? 'Metric' : 'Imperial');
        foreach ($this->isMetric ? [
            'linearUnit' => 'meter', 'areaUnit' => 'squareMeter', 'volumeUnit' => 'cubicMeter', 'temperatureUnit' => 'celsius',
            'pressureUnit' => 'HPA',
        ]
            : [
                'linearUnit' => 'foot', 'areaUnit' => 'squareFoot', 'volumeUnit' => 'cubicFeet', 'temperatureUnit' => 'fahrenheit',
                'pressureUnit' => 'inHG',
            ] as $name => $value) {
            $unit->setAttribute($name, $value);
        }
        $units->appendChild($unit);
        $points = $xml->createElementNS((string) $root->namespaceURI, 'CgPoints');
        $points->setAttribute('name', $job);
        $root->appendChild($points);
        foreach ($this->site->plan->grid->posts as $post) {
            $at = $this->world->at($post->at);
            $height = $this->height($post);
            $point = $xml->createElementNS((string) $root->namespaceURI, 'CgPoint');
            $point->setAttribute('name', $post->label);
            $point->setAttribute('code', self::CODE);
            $point->appendChild($xml->createTextNode(implode(
                ' ', [$this->figure($at->y), $this->figure($at->x), ...($height === null ? [] : [$this->figure($height)])],
            )));
            $points->appendChild($point);
        }

        $this->surface($xml, $root);

        return (string) $xml->saveXML();
    }

    /** The ground as it was read at the posts, where heights are carried over and three of them make a surface. */
    private function surface(DOMDocument $xml, DOMElement $root): void
    {
        $ground = SurfaceRead::ofGround($this->site->plan, $this->world, $this->height(...));
        if ($ground === null) {
            return;
        }
        $add = function (DOMElement $to, string $tag, string $says = '', string $attribute = '', string $value = '') use ($xml, $root): DOMElement {
            $node = $xml->createElementNS((string) $root->namespaceURI, $tag);
            if ($attribute !== '') {
                $node->setAttribute($attribute, $value);
            }
            $node->appendChild($xml->createTextNode($says));
            $to->appendChild($node);

            return $node;
        };
        $definition = $add($add($add($root, 'Surfaces'), 'Surface', '', 'name', 'ground'), 'Definition', '', 'surfType', 'TIN');
        $points = $add($definition, 'Pnts');
        foreach ($ground->points as $i => [$at, $high]) {
            $add($points, 'P', implode(' ', [$this->figure($at->y), $this->figure($at->x), $this->figure($high)]), 'id', (string) ($i + 1));
        }
        $faces = $add($definition, 'Faces');
        foreach ($ground->triangles as [$a, $b, $c]) {
            $add($faces, 'F', implode(' ', [$a + 1, $b + 1, $c + 1]));
        }
    }

    /** @param  string  $system  number of the EPSG list; empty where nobody said */
    public function geoJson(string $system): string
    {
        $features = [];
        foreach ($this->site->plan->grid->posts as $post) {
            $features[] = $this->feature('Point', $this->pair($this->world->at($post->at)), ['label' => $post->label, 'kind' => 'post']);
        }
        foreach ($this->site->plan->site as $object) {
            $features[] = $this->object($object);
        }
        foreach ($this->site->clear->services as $service) {
            $features[] = $this->feature('LineString', $this->places($service->points), ['label' => $service->name, 'kind' => 'service']);
        }

        return json_encode([
            'type' => 'FeatureCollection',
            ...($system === '' ? [] : ['crs' => ['type' => 'name', 'properties' => ['name' => "urn:ogc:def:crs:EPSG::{$system}"]]]),
            'features' => $features,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return array<string, mixed> */
    private function object(SiteObject $object): array
    {
        $places = $this->places($object->points);

        return match (true) {
            count($object->points) === 1 => $this->feature('Point', $places[0], ['label' => $object->name, 'kind' => $object->kind->value]),
            $object->kind->isArea() => $this->feature(
                'Polygon', [[...$places, $places[0]]], ['label' => $object->name, 'kind' => $object->kind->value],
            ),
            default => $this->feature('LineString', $places, ['label' => $object->name, 'kind' => $object->kind->value]),
        };
    }

    /**
     * @param  array<mixed>  $coordinates
     * @param  array<string, string>  $properties
     * @return array<string, mixed>
     */
    private function feature(string $type, array $coordinates, array $properties): array
    {
        return ['type' => 'Feature', 'properties' => $properties, 'geometry' => ['type' => $type, 'coordinates' => $coordinates]];
    }

    /**
     * @param  list<Point>  $points
     * @return list<array{float, float}>
     */
    private function places(array $points): array
    {
        return array_map(fn (Point $point) => $this->pair($this->world->at($point)), $points);
    }

    /** @return array{float, float} east and north */
    private function pair(Vector $at): array
    {
        return [(float) $this->figure($at->x), (float) $this->figure($at->y)];
    }

    /** Of its ground in the world, mm; null where nobody read it, or heights are not carried over. */
    private function height(Post $post): ?float
    {
        return $this->world->height($this->site->level->ground[$post] ?? null);
    }

    private function figure(float $millimetres): string
    {
        return number_format($millimetres / $this->site->plan->notation->system()->far, 4, '.', '');
    }
}
