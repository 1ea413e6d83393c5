<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Level\GroundPlane;
use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Site\TooNear;
use App\Drawing\Drawn\DrawnLabel;
use App\Drawing\Drawn\Labels;
use App\Drawing\Drawn\SiteRose;
use App\Paper\Paper;
use App\Type\Say;

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

    /** Round scales, 1 to so many: metric, and by the foot. */
    private const SCALES = [
        [20, 50, 100, 200, 500, 1000, 2000], [24, 48, 96, 120, 240, 480, 1200, 2400],
    ];

    public int $scale;

    /** Of the words at posts, at distances and at what stands on the site, dots. */
    private const SIZES = ['post' => 10.0, 'distance' => 12.0, 'name' => 11.5];

    /** @var list<array{class: string, d: string, name: string, x: float, y: float, inside: bool}> what stands and runs on the site */
    public array $objects;

    /** @var list<DrawnLabel> names, labels and figures, each where it covers nothing */
    public array $labels;

    /** @var list<array{x: float, y: float, size: float, label: string}> */
    public array $posts;

    /**
     * From each thing to the nearest face of a post.
     *
     * @var list<array{x1: float, y1: float, x2: float, y2: float, length: Length, kept: bool}>
     */
    public array $distances;

    /** In the corner opposite to the scale. */
    public SiteRose $rose;

    /** Of the bar that shows the scale, and what it stands for. */
    public float $bar;

    public Length $barIs;

    private Vector $from;

    private Vector $offset;

    /** Of all that is drawn, mm on the site away from the base line. */
    private float $deep;

    /** Dots on the sheet to a millimetre on the site. */
    private float $dots;

    public function __construct(public Plan $plan, public Paper $paper, ?GroundPlane $ground = null)
    {
        $this->rose = new SiteRose($plan, $ground, new Vector($this->width() - self::MARGIN - 96, $this->height() - self::MARGIN - 70));
        $system = $plan->notation->system();
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
        $scales = $system->pick(...self::SCALES);
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
        $near = TooNear::things($plan);
        $kept = array_filter($plan->site, fn (SiteObject $object) => $object->kind->isKeptClear());
        $this->distances = array_values(array_map(fn (SiteObject $object) => $this->distance($object, $near), $kept));
        $this->barIs = $system->isMetric ? Length::millimetres($this->scale * 50) : Length::feet(round($this->scale * 50 / 304.8 / 5) * 5 ?: 1);
        $this->bar = round($this->barIs->inMillimetres() * $this->dots, 2);
        $this->labels = $this->labels();
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

    /** @return list<DrawnLabel> */
    private function labels(): array
    {
        $labels = new Labels($this->width(), $this->height());
        foreach ($this->posts as $post) {
            $labels->keepFree($post['x'], $post['y'], $post['size'] / 2 + 1);
        }
        foreach ($this->distances as $line) {
            $this->keepLineFree($labels, new Vector($line['x1'], $line['y1']), new Vector($line['x2'], $line['y2']));
        }
        foreach ($this->plan->site as $object) {
            foreach ($object->pieces() as $piece) {
                $this->keepLineFree(
                    $labels, new Vector($this->x($piece->from), $this->y($piece->from)), new Vector($this->x($piece->to), $this->y($piece->to)),
                );
            }
        }
        foreach ($this->objects as $one) {
            $half = $one['inside'] ? Labels::widthOf($one['name'], self::SIZES['name']) / 2 : 0.0;
            $labels->beside(
                $one['x'] - $half, $one['y'] - ($half > 0 ? 8 : 0), $one['name'], e($one['name']), 'name', $half > 0 ? 0.0 : 5.0, self::SIZES['name'],
            );
        }
        foreach ($this->posts as $post) {
            $labels->beside($post['x'], $post['y'], $post['label'], e($post['label']), 'post', 6.0, self::SIZES['post']);
        }
        foreach ($this->distances as $line) {
            $said = $this->plan->write($line['length']).($line['kept'] ? '' : Say::text('plan.site.too_near'));
            $labels->beside(
                ($line['x1'] + $line['x2']) / 2, ($line['y1'] + $line['y2']) / 2, $said, e($said), 'distance', 5.0, self::SIZES['distance'],
            );
        }

        return $labels->placed;
    }

    private function keepLineFree(Labels $labels, Vector $from, Vector $to): void
    {
        $way = $to->minus($from);
        for ($at = 0.0; $at <= $way->length(); $at += 5.0) {
            $on = $from->plus($way->unit()->times($at));
            $labels->keepFree($on->x, $on->y, 1.5);
        }
    }

    public function sizeOf(DrawnLabel $label): float
    {
        return self::SIZES[$label->class] ?? self::SIZES['name'];
    }

    /** @return array{class: string, d: string, name: string, x: float, y: float, inside: bool} */
    private function object(SiteObject $object): array
    {
        $points = array_map(fn (Point $at) => "{$this->x($at)} {$this->y($at)}", $object->points);
        $middle = Vector::centre(array_map(fn (Point $at) => new Vector($this->x($at), $this->y($at)), $this->namedAt($object)));
        $r = round(max(5.5, $object->reach->inMillimetres() * $this->dots), 2);
        [$x, $y] = [round($middle->x, 2), round($middle->y, 2)];
        $left = round($x - $r, 2);
        $d = $object->kind === SiteKind::Tree ? "M{$left} {$y} a{$r} {$r} 0 1 0 ".(2 * $r)." 0 a{$r} {$r} 0 1 0 -".(2 * $r).' 0'
            : 'M'.implode(' L', $points).($object->kind->isArea() ? ' Z' : '');

        // A name stands in what covers ground where nothing else does, and beside a line.
        $isRound = $object->kind->isArea() || $object->kind === SiteKind::Tree;

        return ['class' => "site-{$object->kind->value}", 'd' => $d, 'name' => $object->name, 'x' => $x, 'y' => $y, 'inside' => $isRound];
    }

    /** @return array{class: string, d: string, name: string, x: float, y: float, inside: bool} */
    private function line(string $name, Point $from, Point $to): array
    {
        return [
            'class' => 'site-boundary', 'd' => "M{$this->x($from)} {$this->y($from)} L{$this->x($to)} {$this->y($to)}", 'name' => $name,
            'x' => round(($this->x($from) + $this->x($to)) / 2, 2), 'y' => round(($this->y($from) + $this->y($to)) / 2, 2), 'inside' => false,
        ];
    }

    /**
     * @param  list<string>  $near  what a post stands too near to
     * @return array{x1: float, y1: float, x2: float, y2: float, length: Length, kept: bool}
     */
    private function distance(SiteObject $object, array $near): array
    {
        $nearest = $this->plan->grid->posts[0];
        foreach ($this->plan->grid->posts as $post) {
            $nearest = $object->room($post, $this->plan->sectionOf($post))->isShorterThan($object->room($nearest, $this->plan->sectionOf($nearest)))
                ? $post : $nearest;
        }
        $foot = $this->edge($object, $nearest->at);

        return [
            'x1' => $this->x($nearest->at), 'y1' => $this->y($nearest->at), 'x2' => $this->x($foot), 'y2' => $this->y($foot),
            'length' => $object->room($nearest, $this->plan->sectionOf($nearest)), 'kept' => ! in_array($object->name, $near, true),
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
