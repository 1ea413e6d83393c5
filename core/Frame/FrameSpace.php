<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** Where the layers of a frame lie: along the beams and across them, and how high over the plane of the tops. Millimetres. */
final readonly class FrameSpace
{
    /** Ends of the beams, what stands over with them. */
    public float $begin;

    public float $end;

    /** The wall that carries the far ends; null where there is none along the beams. */
    public ?float $wall;

    /** Rise of what lies on the beams for each mm across them: that of the tops where all beams sit alike. */
    public float $rise;

    /** How much longer than level whatever runs along the beams is. */
    public float $steepAlong;

    /** Null where nothing stands in a line. */
    public ?TopPlane $plane;

    public BeamSeats $seats;

    public RafterLine $rafters;

    /** First ends of the joists across the beams, what stands over with them. */
    public float $low;

    private float $high;

    /** How much longer than level what lies on the beams is. */
    private float $steep;

    /** @var list<PostLine> */
    private array $lines;

    public function __construct(private Plan $plan, private FrameRules $rules, private Footprint $footprint)
    {
        $this->lines = $lines = $footprint->lines;
        $past = $rules->layer(LayerKind::Beam)?->past()->inMillimetres() ?? 0.0;
        $this->begin = min([INF, ...array_map(fn (PostLine $line) => $line->from, $lines)]) - $past;
        $this->end = max([-INF, ...array_map(fn (PostLine $line) => $line->to, $lines)]) + $past;
        $wall = $rules->layer(LayerKind::Ledger) === null || $lines === [] ? null : $this->footprint->wallAlong($this->plan->layout->fixedLines);
        $this->wall = $wall === null ? null : $footprint->across($wall->from);
        $this->seats = new BeamSeats($rules, $plan->stoutest()->thicker(), $lines);
        $this->plane = $lines === [] ? null : new TopPlane($plan, $footprint, $this->wall, $this->seats->lower());
        $this->steepAlong = sqrt(1 + ($this->plane->riseAlong ?? 0.0) ** 2);
        $this->rafters = new RafterLine($this->seats->first(), $this->seats->last(), $lines, $this->plane->rise ?? 0.0, $this->wall);
        $this->rise = $this->rafters->rise;
        $this->steep = sqrt(1 + $this->rise ** 2);
        $over = $rules->layer(LayerKind::Joist)?->past()->inMillimetres() ?? 0.0;
        $thick = $rules->layer(LayerKind::Ledger)?->thick->inMillimetres() ?? 0.0;
        [$first, $last] = $lines === [] ? [0.0, 0.0] : [$lines[0]->across, $lines[count($lines) - 1]->across];
        $this->low = $this->wall !== null && $this->wall < $first ? $this->wall + $thick : $first - $over;
        $this->high = $this->wall !== null && $this->wall > $last ? $this->wall - $thick : $last + $over;
    }

    /** How thick what closes the joists’ first or last ends is; nothing at a wall, where the ledger does. */
    public function rim(bool $isLast): float
    {
        $isAtWall = $this->wall !== null && ($isLast ? $this->wall > $this->high : $this->wall < $this->low);

        return $isAtWall ? 0.0 : $this->rules->layer(LayerKind::Rim)?->thick->inMillimetres() ?? 0.0;
    }

    /** @return list<InSpace> corners of everything that stands over the posts, seen from above */
    public function outline(): array
    {
        $over = max(array_map(
            fn (LayerKind $kind) => $this->rules->layer($kind)?->past()->inMillimetres() ?? 0.0,
            [LayerKind::Board, LayerKind::Purlin, LayerKind::Sheet],
        ));
        $corners = [];
        foreach ([$this->begin - $over, $this->end + $over] as $along) {
            foreach ([$this->low - $this->rim(false), $this->high + $this->rim(true)] as $across) {
                $corners[] = $this->at($along, $across, 0.0);
            }
        }

        return $corners;
    }

    /**
     * A joist or rafter by its level run and the slope of the tops; a level one is square at both ends.
     *
     * @throws FrameRefused when nothing lies between
     */
    public function member(Layer $layer): SlopedMember
    {
        $run = Length::millimetres($this->high - $this->low);

        return $this->rise === 0.0 ? new SlopedMember($run, 0.0, $layer->deep)
            : new SlopedMember($run, abs($this->rise), $layer->deep, $layer->joinery->high, $layer->joinery->low);
    }

    /** Of the slope, from edge to edge of what lies on the joists. */
    public function slopeLong(): float
    {
        return ($this->high - $this->low) * $this->steep;
    }

    /** @return array<string, float> by the first post of each beam, or the wall: how far it lies from the joists’ first end, level */
    public function bearings(): array
    {
        $bearings = [];
        foreach ($this->lines as $line) {
            $bearings[$line->posts[0]->label] = $line->across - $this->low;
        }
        $wall = $this->wall === null ? null : $this->footprint->wallAlong($this->plan->layout->fixedLines);
        if ($wall !== null && $this->wall !== null) {
            $bearings[$wall->name] = $this->wall > $this->low ? $this->high - $this->low : 0.0;
        }
        asort($bearings);

        return $bearings;
    }

    /** @return array<int, float> centres of the joists along the beams, by their numbers */
    public function joists(): array
    {
        $layer = $this->rules->layer(LayerKind::Joist);

        return $layer === null || $this->lines === [] ? [] : SpreadOut::centres($this->begin, $this->end, $layer);
    }

    /** @return array<int, float> centres of the purlins up the slope from the low edge, by their numbers */
    public function purlins(): array
    {
        $layer = $this->rules->layer(LayerKind::Purlin);

        return $layer === null || $this->lines === [] ? [] : SpreadOut::centres(0.0, $this->slopeLong(), $layer);
    }

    /** How many places joists or purlins have, those left out with them. */
    public function places(Layer $layer): int
    {
        return $layer->kind === LayerKind::Joist ? SpreadOut::places($this->begin, $this->end, $layer)
            : SpreadOut::places(0.0, $this->slopeLong(), $layer);
    }

    /** Along a line of posts, beside its middle and above its tops. */
    public function along(PostLine $line, float $from, float $to, float $beside, float $up, float $wide, float $high): Solid
    {
        return new Solid(
            $this->at($from, $line->across + $beside, $this->height($from, $line->across) + $up),
            $this->at($to, $line->across + $beside, $this->height($to, $line->across) + $up),
            $wide, $high,
        );
    }

    /** The ledger on its wall, its top level with that of the joists. */
    public function ledger(Layer $layer): Solid
    {
        $across = $this->wall ?? $this->high;
        $beside = $across + ($across > $this->low ? -1 : 1) * $layer->thick->inMillimetres() / 2;
        $up = $this->deep(LayerKind::Joist) - $layer->deep->inMillimetres();

        return new Solid(
            $this->at($this->begin, $beside, $this->under($this->begin, $across) + $up),
            $this->at($this->end, $beside, $this->under($this->end, $across) + $up),
            $layer->thick->inMillimetres(), $layer->deep->inMillimetres(),
        );
    }

    /** A piece of a joist, from one share of its run to another. */
    public function across(float $at, float $from, float $to, Layer $layer): Solid
    {
        $run = $this->high - $this->low;
        [$one, $other] = [$this->low + $from * $run, $this->low + $to * $run];

        return new Solid(
            $this->at($at, $one, $this->under($at, $one)), $this->at($at, $other, $this->under($at, $other)),
            $layer->thick->inMillimetres(), $layer->deep->inMillimetres() * $this->steep,
        );
    }

    /** Of the upper side of something on a line of posts: how far below their tops. */
    public function downFromTop(Solid $solid): float
    {
        [$along, $across] = $this->footprint->alongX ? [$solid->from->x, $this->lines[0]->across] : [$solid->from->y, $this->lines[0]->across];

        return $this->height($along, $across) - $solid->from->z - $solid->high;
    }

    /** Closing the joists’ first or last ends. */
    public function atTheEnds(bool $isLast, float $from, float $to, Layer $layer): Solid
    {
        $across = $isLast ? $this->high + $layer->thick->inMillimetres() / 2 : $this->low - $layer->thick->inMillimetres() / 2;

        return $this->between($from, $to, $across, $layer);
    }

    /** Level with the joists. */
    public function between(float $from, float $to, float $across, Layer $layer): Solid
    {
        return $this->lying($from, $to, $across, 0.0, $layer);
    }

    /** On the joists, its middle so far up the slope from the low edge. */
    public function onTop(float $from, float $to, float $up, Layer $layer, ?float $wide = null): Solid
    {
        $across = $this->rise >= 0.0 ? $this->low + $up / $this->steep : $this->high - $up / $this->steep;

        return $this->lying($from, $to, $across, $this->deep(LayerKind::Joist) * $this->steep, $layer, $wide);
    }

    /** Over everything, its middle at one place along the beams. */
    public function sheet(float $at, Layer $layer): Solid
    {
        $above = $this->deep(LayerKind::Joist) * $this->steep + $this->deep(LayerKind::Purlin);
        $past = $layer->past()->inMillimetres() / $this->steep;
        [$one, $other] = $this->rise >= 0.0 ? [$this->low - $past, $this->high] : [$this->low, $this->high + $past];

        return new Solid(
            $this->at($at, $one, $this->under($at, $one) + $above), $this->at($at, $other, $this->under($at, $other) + $above),
            $layer->thick->inMillimetres(), max(1.0, $layer->deep->inMillimetres()),
        );
    }

    /** From a post up to its beam, so far along it as down the post. */
    public function brace(PostLine $line, float $at, float $along, float $leg, float $thick): Solid
    {
        $top = $this->height($at, $line->across) + $this->seats->up($line);

        return new Solid($this->at($at, $line->across, $top - $leg), $this->at($at + $along, $line->across, $top), $thick, $thick);
    }

    /** A post from the ground to its top. */
    public function post(Post $post): Solid
    {
        $section = $this->plan->sectionOf($post);
        [$along, $across] = [$this->footprint->along($post->at), $this->footprint->across($post->at)];

        $foot = $this->at($along, $across, 0.0);

        return new Solid($foot, $foot, $section->thicker()->inMillimetres(), $this->plane?->topOf($post) ?? $this->plan->standing->inMillimetres());
    }

    /** So far along the beams, at the joists’ first ends. */
    public function place(float $along): InSpace
    {
        return $this->at($along, $this->low, 0.0);
    }

    /** Along the beams, so far above the underside of what lies on them. */
    private function lying(float $from, float $to, float $across, float $up, Layer $layer, ?float $wide = null): Solid
    {
        return new Solid(
            $this->at($from, $across, $this->under($from, $across) + $up), $this->at($to, $across, $this->under($to, $across) + $up),
            $wide ?? $layer->thick->inMillimetres(), $layer->deep->inMillimetres(),
        );
    }

    /** Where a height lies over a place on the plan. */
    private function at(float $along, float $across, float $up): InSpace
    {
        return $this->footprint->alongX ? new InSpace($along, $across, $up) : new InSpace($across, $along, $up);
    }

    private function height(float $along, float $across): float
    {
        return $this->plane?->height($along, $across) ?? 0.0;
    }

    /** By how much rafters pass over the beam of a line; negative where they would pass through it. */
    public function offTheRafters(PostLine $line): float
    {
        $seat = $this->seats->of($line);
        $middle = $seat->middle($this->footprint->outward($line));

        return $this->under($line->from, $line->across + $middle) - $seat->lift($this->rise, $this->rafters->seat) - $this->seats->usual->over
            - $this->height($line->from, $line->across);
    }

    /** Of what lies on the beams: its underside. */
    private function under(float $along, float $across): float
    {
        [$first, $seat] = [$this->lines[0]->across ?? 0.0, $this->seats->first()];

        return $this->height($along, $first) + $this->seats->usual->over + $seat->lift($this->rise, $this->rafters->seat)
            + $this->rise * ($across - $first - $seat->middle(-1));
    }

    private function deep(LayerKind $kind): float
    {
        return $this->rules->layer($kind)?->deep->inMillimetres() ?? 0.0;
    }
}
