<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Fact\Fact;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Frame\Piece;
use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Set\Lift;
use Aequus\Site\SiteState;
use Aequus\Words\Frame\LayerWords;
use Aequus\Words\Speech;
use App\Drawing\FrameDrawing;
use App\Drawing\FrameView;
use App\Type\Said;
use App\Type\Say;
use App\Type\Typeset;

/** What stands on the posts: as decided, else as is usual for such a job; with its picture, its layers, and the order they go up. */
final readonly class MembersPage
{
    public FrameRules $rules;

    public bool $isDecided;

    /** Null where no two posts stand in one line, or nothing stands on them. */
    public ?FrameOnPosts $frame;

    public ?FrameDrawing $drawing;

    public FrameView $view;

    public ?LayerKind $upTo;

    /** The part whose frame it is; null for the first grid. */
    public ?Part $part;

    /** @param  string  $on  id of a part, and which straight piece of a row from 0; empty for the first grid */
    /** A post whose row (y) or column (x) it is cut through, as “y:A2”; empty for the whole. */
    public string $through;

    public function __construct(private SiteState $site, string $view, string $upTo, public string $on = '', string $through = '')
    {
        $plan = $site->plan;
        $at = explode('.', $on)[1] ?? '0';
        $this->part = self::partOf($plan, $on);
        $this->isDecided = $this->part === null ? $plan->frame !== null : isset($plan->partFrames[$this->part->id]);
        $this->rules = $this->part === null ? UsualFrame::orDecided($plan) : UsualFrame::ofPart($plan, $this->part);
        $pieces = $this->part === null ? Frames::onGrid($plan, $this->rules, $site->log)
            : Frames::onPart($plan, $this->part, $this->rules, $site->log);
        $frame = $pieces[(int) $at] ?? $pieces[0] ?? null;
        $this->frame = $frame?->pieces === [] ? null : $frame;
        $this->through = isset($this->throughs()[$through]) ? $through : '';
        $this->view = self::facing(FrameView::tryFrom($view) ?? FrameView::Corner1, $this->through);
        $kind = LayerKind::tryFrom($upTo);
        $this->upTo = $kind !== null && $this->rules->layer($kind) !== null ? $kind : null;
        $this->drawing = $this->frame === null ? null : new FrameDrawing(
            $plan, $this->frame, $this->view, $this->upTo,
            array_values(array_filter($this->frame->footprint->posts, fn (Post $post) => $site->standing($post)->set)), $this->cutAt(),
        );
    }

    /** The part whose frame is meant, by its id and which straight piece of it; null for the first grid. */
    public static function partOf(Plan $plan, string $on): ?Part
    {
        return array_values(array_filter($plan->parts, fn (Part $part) => $part->id === explode('.', $on)[0]))[0] ?? null;
    }

    /** @return list<LayerRow> */
    public function rows(): array
    {
        return array_map(
            fn (Layer $layer) => new LayerRow($layer, $this->frame?->of($layer->kind) ?? [], $this->frame->fixings[$layer->kind->value] ?? 0),
            $this->rules->layers,
        );
    }

    /** @return list<Said> what can’t be made, or came out otherwise than planned */
    public function hindrances(): array
    {
        $speech = new Speech($this->site->plan);
        $say = new Say($speech);
        $told = array_map(
            fn (Fact $fact) => new Said(Typeset::sentence($speech->say($fact)), (string) $speech->say($fact)), $this->frame->hindered ?? [],
        );
        foreach ($this->frame->changed ?? [] as $post => $row) {
            $told[] = $say(
                $row->longer->isPositive() ? 'frame.longer' : 'frame.shorter', post: $post, off: $row->longer->magnitude(), reach: $row->reach,
            );
        }

        return $told;
    }

    /** @return list<array{string, array<int, Length>, string}> layer by layer: what is marked, where its near faces lie from one zero by their numbers, and which layer that is */
    public function marks(): array
    {
        $marks = [];
        foreach ([[LayerKind::Joist, 'frame.marks_on_beams'], [LayerKind::Purlin, 'frame.marks_on_rafters']] as [$kind, $key]) {
            $faces = $this->frame?->nearFaces($kind) ?? [];
            $marks = $faces === [] ? $marks : [...$marks, [Say::text($key), $faces, $kind->value]];
        }
        foreach ([
            [LayerKind::Board, 'frame.marks_of_boards'], [LayerKind::Sheet, 'frame.marks_of_sheets'], [LayerKind::Rail, 'frame.marks_of_rails'],
            [LayerKind::Brace, 'frame.marks_of_braces'],
        ] as [$kind, $key]) {
            $edges = $this->frame?->edges($kind) ?? [];
            $marks = $edges === [] ? $marks : [...$marks, [Say::text($key), $edges, $kind->value]];
        }

        return $marks;
    }

    /** @return list<array{string, Length, Length}> both ends of each rafter’s seat, from its high end along its top edge */
    public function seats(): array
    {
        return $this->frame?->seatLines() ?? [];
    }

    /** @return list<Said> what is minded while it is built */
    public function minded(): array
    {
        $speech = new Speech($this->site->plan);

        return array_map(
            fn (Fact $fact) => new Said(Typeset::sentence($speech->say($fact)), (string) $speech->say($fact)), $this->frame->minded ?? [],
        );
    }

    /** @return array<string, string> layers of which pieces can be written down as up, by what is sent */
    public function built(): array
    {
        $built = [];
        foreach ($this->rows() as $row) {
            $built += $row->pieces === [] ? []
                : [$row->layer->kind->value => Say::text('frame.of_so_many', name: $row->name(), count: count($row->pieces))];
        }

        return $built;
    }

    /** How many of all pieces are up. */
    public function up(): string
    {
        return Say::text('frame.up_so_far', up: count($this->frame?->up() ?? []), all: count($this->frame->pieces ?? []));
    }

    /** @return array<string, string> by view, what it is called */
    public function views(): array
    {
        $sides = $this->site->plan->sides;

        return array_combine(array_map(fn (FrameView $view) => $view->value, FrameView::cases()), array_map(fn (FrameView $view) => match ($view) {
            FrameView::FromAbove => Say::text('frame.view_plan'),
            FrameView::MinusY => Say::text('frame.view_side', side: $sides->nameOf(Side::MinusY)),
            FrameView::PlusY => Say::text('frame.view_side', side: $sides->nameOf(Side::PlusY)),
            FrameView::MinusX => Say::text('frame.view_side', side: $sides->nameOf(Side::MinusX)),
            FrameView::PlusX => Say::text('frame.view_side', side: $sides->nameOf(Side::PlusX)),
            FrameView::Corner1 => Say::text('frame.view_corner', corner: '1'), FrameView::Corner2 => Say::text('frame.view_corner', corner: '2'),
            FrameView::Corner3 => Say::text('frame.view_corner', corner: '3'), FrameView::Corner4 => Say::text('frame.view_corner', corner: '4'),
        }, FrameView::cases()));
    }

    /** @return array<string, string> rows and columns it can be cut through, by what is sent */
    public function throughs(): array
    {
        $throughs = ['' => Say::text('frame.through_none')];
        foreach (['y' => 'frame.through_row', 'x' => 'frame.through_column'] as $axis => $key) {
            $seen = [];
            foreach ($this->frame->footprint->posts ?? [] as $post) {
                $at = (int) round($this->ownOf($post, $axis));
                $throughs += isset($seen[$at]) ? [] : ["{$axis}:{$post->label}" => Say::text($key, post: $post->label)];
                $seen[$at] = true;
            }
        }

        return $throughs;
    }

    private function cutAt(): ?float
    {
        [$axis, $label] = array_pad(explode(':', $this->through), 2, '');
        foreach ($this->frame->footprint->posts ?? [] as $post) {
            if ($post->label === $label) {
                return $this->ownOf($post, $axis);
            }
        }

        return null;
    }

    private function ownOf(Post $post, string $axis): float
    {
        $own = $this->frame?->footprint->own($post->at);

        return ($axis === 'x' ? $own?->x : $own?->y) ?? 0.0;
    }

    /** A row is cut through from its front or back, a column from an end. */
    private static function facing(FrameView $view, string $through): FrameView
    {
        return match (true) {
            str_starts_with($through, 'y:') && $view !== FrameView::PlusY => FrameView::MinusY,
            str_starts_with($through, 'x:') && $view !== FrameView::PlusX => FrameView::MinusX,
            default => $view,
        };
    }

    /** @return array<string, string> up to which layer may be drawn */
    public function layers(): array
    {
        $kinds = array_map(fn (Layer $layer) => $layer->kind, $this->rules->layers);

        return ['' => Say::text('frame.all_layers')] + array_combine(
            array_map(fn (LayerKind $kind) => $kind->value, $kinds), array_map(LayerWords::all(...), $kinds),
        );
    }

    /** @return array<string, string> layers that may still be put on, by what is sent */
    public function more(): array
    {
        $more = ['' => Say::text('frame.nothing_more')];
        foreach (LayerKind::cases() as $kind) {
            if ($this->rules->layer($kind) === null) {
                $more[$kind->value] = LayerWords::all($kind);
            }
        }

        return $more;
    }

    /** What is marked, drilled and fitted before a piece of a layer is lifted, in words. */
    private function onTheGround(LayerRow $row, bool $isSlung): string
    {
        $kind = $row->layer->kind;
        $space = $this->frame?->space;
        $marks = match ($kind) {
            LayerKind::Beam, LayerKind::Ledger, LayerKind::Rim => count($space?->joists() ?? []),
            LayerKind::Joist => count($space?->purlins() ?? []),
            default => 0,
        };

        return implode(' ', [
            ...($marks > 0 ? [Say::text('frame.ground_marks', count: $marks)] : []),
            ...($kind === LayerKind::Joist && $space?->rafters->seat !== null ? [Say::text('frame.ground_seats')] : []),
            ...($kind === LayerKind::Ledger && $this->rules->layer(LayerKind::Joist)?->joinery->connector !== null ? [
                Say::text('frame.ground_hangers', count: count($space?->joists() ?? [])),
            ] : []),
            ...($row->layer->joinery->fastener?->isDrilled ? [Say::text('frame.ground_drilled')] : []),
            ...($isSlung ? [Say::text('frame.ground_eye')] : []),
        ]);
    }

    /** @return list<array{string, string, string, string}> layer by layer: its name, what is minded before it goes up, its heaviest piece, and what is marked and fitted on the ground */
    public function order(): array
    {
        $order = [];
        foreach ($this->rows() as $row) {
            if ($row->pieces !== []) {
                $lift = Lift::ofVolume(max(array_map(fn (Piece $piece) => $piece->volume(), $row->pieces)), $this->site->plan->work->timber);
                $order[] = [LayerWords::all($row->layer->kind), LayerWords::before($row->layer->kind), $row->layer->kind->isTimber() ? Say::text(
                    'frame.heaviest', one: LayerWords::one($row->layer->kind),
                    mass: (new LoadNotation($this->site->plan->notation->unit))->mass($lift->kilograms),
                    people: Say::text('frame.people_'.($lift->people() ?? 0)),
                ) : '', $this->onTheGround($row, $lift->people() === null)];
            }
        }

        return $order;
    }

    /** @return array<string, string> everything a frame can stand on, by what is sent */
    public function standsOn(): array
    {
        return StandsOn::all($this->site->plan, $this->rules);
    }
}
