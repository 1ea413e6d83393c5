<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use App\Paper\Paper;

/**
 * The site as a permit office wants it: to a round scale, with what stands on it, every post, and how far the nearest post stays from each
 * boundary. In dots of the sheet, 96 to the inch: what prints drawings knows no other unit.
 */
final readonly class SitePlan
{
    private const DOTS_PER_MM = 96 / 25.4;

    private const MARGIN = 68.0;

    /** Room for the heading above and the scale below. */
    private const HEAD = 120.0;

    private const FOOT = 90.0;

    /** Round scales, 1 to so many. */
    private const SCALES = [
        'mm' => [20, 50, 100, 200, 500, 1000, 2000], 'in' => [24, 48, 96, 120, 240, 480, 1200, 2400],
    ];

    public int $scale;

    /** @var list<array{class: string, d: string, name: string, x: float, y: float}> what stands and runs on the site */
    public array $objects;

    /** @var list<array{x: float, y: float, size: float, label: string}> */
    public array $posts;

    /**
     * From each thing to the nearest face of a post.
     *
     * @var list<array{x1: float, y1: float, x2: float, y2: float, x: float, y: float, length: Length, kept: bool}>
     */
    public array $distances;

    /** Of the bar that shows the scale, and what it stands for. */
    public float $bar;

    public Length $barIs;

    private Vector $from;

    private Vector $offset;

    /** Of all that is drawn, mm on the site away from the base line. */
    private float $deep;

    /** Dots on the sheet to a millimetre on the site. */
    private float $dots;

    public function __construct(public Plan $plan, public Paper $paper)
    {
        $unit = $plan->notation->unit;
        $reach = fn (SiteObject $object): array => array_merge(...array_map(fn (Point $at) => [
            $at->inMillimetres()->minus(new Vector($object->reach->inMillimetres(), $object->reach->inMillimetres())),
            $at->inMillimetres()->plus(new Vector($object->reach->inMillimetres(), $object->reach->inMillimetres())),
        ], $object->points));
        $places = [
            ...array_map(fn (Post $post) => $post->at->inMillimetres(), $plan->grid->posts), ...array_merge(...array_map($reach, $plan->site)),
            ...array_merge(...array_map(fn ($line) => [$line->from->inMillimetres(), $line->to->inMillimetres()], $plan->fixedLines())),
        ];
        [$from, $to] = Vector::extent($places);
        [$wide, $high] = [$this->width() - 2 * self::MARGIN, $this->height() - 2 * self::MARGIN - self::HEAD - self::FOOT];
        $scales = self::SCALES[$unit->value];
        [$along, $away] = [($to->x - $from->x) * self::DOTS_PER_MM, ($to->y - $from->y) * self::DOTS_PER_MM];
        $fits = array_values(array_filter($scales, fn (int $scale) => $along / $scale <= $wide && $away / $scale <= $high));
        $this->scale = $fits[0] ?? $scales[count($scales) - 1];
        $this->dots = self::DOTS_PER_MM / $this->scale;
        $this->from = $from;
        $this->deep = $to->y - $from->y;
        $this->offset = new Vector(
            self::MARGIN + ($wide - $along / $this->scale) / 2,
            $this->height() - self::MARGIN - self::FOOT - ($high - $away / $this->scale) / 2,
        );
        $lines = array_map(fn ($line) => $this->line($line->name, $line->from, $line->to), $plan->fixedLines());
        $this->objects = [...array_map($this->object(...), $plan->site), ...$lines];
        $size = max(4.5, $plan->post->thicker()->inMillimetres() * $this->dots);
        $this->posts = array_map(fn (Post $post) => [
            'x' => $this->x($post->at), 'y' => $this->y($post->at), 'size' => round($size, 2), 'label' => $post->label,
        ], $plan->grid->posts);
        $kept = array_filter($plan->site, fn (SiteObject $object) => $object->kind->isKeptClear());
        $this->distances = array_values(array_map($this->distance(...), $kept));
        $this->barIs = $unit === Unit::Millimetre ? Length::millimetres($this->scale * 50) : Length::feet(round($this->scale * 50 / 304.8 / 5) * 5 ?: 1);
        $this->bar = round($this->barIs->inMillimetres() * $this->dots, 2);
    }

    /** Where the drawing begins below the heading: on the screen nothing is shown above it. */
    public function top(): float
    {
        return round($this->offset->y - $this->deep * $this->dots - 40, 2);
    }

    public function height(): float
    {
        return $this->paper->height() * self::DOTS_PER_MM;
    }

    public function width(): float
    {
        return $this->paper->width() * self::DOTS_PER_MM;
    }

    /** @return array{class: string, d: string, name: string, x: float, y: float} */
    private function object(SiteObject $object): array
    {
        $points = array_map(fn (Point $at) => "{$this->x($at)} {$this->y($at)}", $object->points);
        $middle = Vector::centre(array_map(fn (Point $at) => new Vector($this->x($at), $this->y($at)), $this->namedAt($object)));
        $r = round(max(5.5, $object->reach->inMillimetres() * $this->dots), 2);
        [$x, $y] = [round($middle->x, 2), round($middle->y, 2)];
        $left = round($x - $r, 2);
        $d = $object->kind === SiteKind::Tree ? "M{$left} {$y} a{$r} {$r} 0 1 0 ".(2 * $r)." 0 a{$r} {$r} 0 1 0 -".(2 * $r).' 0'
            : 'M'.implode(' L', $points).($object->kind->isArea() ? ' Z' : '');

        // A name stands in what covers ground, and beside a line.
        $isRound = $object->kind->isArea() || $object->kind === SiteKind::Tree;

        return ['class' => "site-{$object->kind->value}", 'd' => $d, 'name' => $object->name, 'x' => $x, 'y' => $isRound ? $y : $y - 6];
    }

    /** @return array{class: string, d: string, name: string, x: float, y: float} */
    private function line(string $name, Point $from, Point $to): array
    {
        return [
            'class' => 'site-boundary', 'd' => "M{$this->x($from)} {$this->y($from)} L{$this->x($to)} {$this->y($to)}", 'name' => $name,
            'x' => round(($this->x($from) + $this->x($to)) / 2, 2), 'y' => round(($this->y($from) + $this->y($to)) / 2 - 6, 2),
        ];
    }

    /** @return array{x1: float, y1: float, x2: float, y2: float, x: float, y: float, length: Length, kept: bool} */
    private function distance(SiteObject $object): array
    {
        $nearest = $this->plan->grid->posts[0];
        foreach ($this->plan->grid->posts as $post) {
            $nearest = $object->room($post, $this->plan->post)->isShorterThan($object->room($nearest, $this->plan->post)) ? $post : $nearest;
        }
        $foot = $this->edge($object, $nearest->at);

        return [
            'x1' => $this->x($nearest->at), 'y1' => $this->y($nearest->at), 'x2' => $this->x($foot), 'y2' => $this->y($foot),
            'x' => round(($this->x($nearest->at) + $this->x($foot)) / 2 + 4, 2), 'y' => round(($this->y($nearest->at) + $this->y($foot)) / 2 - 4, 2),
            'length' => $object->room($nearest, $this->plan->post), 'kept' => $object->isKept($nearest, $this->plan->post),
        ];
    }

    /** @return non-empty-list<Point> between which the name stands: the corners of what covers ground, the ends of the longest piece of a line */
    private function namedAt(SiteObject $object): array
    {
        if ($object->kind->isArea() || $object->kind === SiteKind::Tree) {
            return $object->points;
        }
        $longest = $object->pieces()[0];
        foreach ($object->pieces() as $piece) {
            $longest = $piece->from->distanceTo($piece->to)->isLongerThan($longest->from->distanceTo($longest->to)) ? $piece : $longest;
        }

        return [$longest->from, $longest->to];
    }

    /** Where a thing ends toward a post, its reach taken along. */
    private function edge(SiteObject $object, Point $to): Point
    {
        [$foot, $at] = [$object->nearest($to), $to->inMillimetres()];
        $away = $at->minus($foot->inMillimetres());
        if ($away->length() < $object->reach->inMillimetres() || $object->reach->isZero()) {
            return $foot;
        }
        $out = $foot->inMillimetres()->plus($away->times($object->reach->inMillimetres() / $away->length()));

        return new Point(Length::millimetres($out->x), Length::millimetres($out->y));
    }

    private function x(Point $at): float
    {
        return round($this->offset->x + ($at->x->inMillimetres() - $this->from->x) * $this->dots, 2);
    }

    private function y(Point $at): float
    {
        return round($this->offset->y - ($at->y->inMillimetres() - $this->from->y) * $this->dots, 2);
    }
}
