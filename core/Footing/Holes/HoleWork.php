<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Footing\Depths\PierTops;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Materials\Concrete;
use Aequus\Footing\Materials\Hole;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoleLayers;
use Aequus\Plan\Holding\Layer;
use Aequus\Plan\Holding\LayerPlace;
use Aequus\Plan\Holding\LayerTime;
use Aequus\Plan\Holding\Material;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;

/** What one hole takes with its way of holding: earth out, gravel, concrete, foam and earth in, and a post long enough. Volumes in mm³. */
final readonly class HoleWork
{
    public Length $depth;

    /** Earth as it lies in the ground. */
    public float $dug;

    /** The same, loosened. */
    public float $spoil;

    /** @var list<Layer> from the bottom up; none where nothing is dug */
    public array $layers;

    public float $gravel;

    public float $concrete;

    /** Of the concrete, what grips the post or its base and so weighs it down: a pad that lies loose under it does not. */
    public float $concreteOnPost;

    public float $foam;

    /** Earth that goes back in, tamped. */
    public float $earth;

    /** From its gravel to its top; null where there is none. */
    public ?Length $tube;

    /** From foot to top, before cutting. */
    public Length $post;

    private Hole $hole;

    /** Above the bottom. */
    private Length $foot;

    private Section $section;

    /** Of the tube of a pier. */
    private Length $tubeWidth;

    private function __construct(
        public Post $of, public bool $isDug, public Hold $hold, Plan $plan, HoleShape $shape, RequiredDepth $required, Length $bottom, Length $gravel,
        Length $foot, PostTops $tops,
    ) {
        $pier = $hold === Hold::Pier ? new PierTops($plan, $tops) : null;
        $this->depth = $required->need->ground->minus($hold->isDug() ? $bottom : $foot);
        $this->hole = Hole::of($shape, $this->depth);
        $this->post = $tops->topOf($of)->minus($pier?->foot() ?? $foot);
        $this->tube = $pier?->top->minus($bottom->plus($gravel));
        [$this->tubeWidth, $this->foot] = [$pier?->rules->tube ?? Length::zero(), $foot->minus($bottom)];
        $system = $plan->notation->system();
        $this->layers = (new HoleLayers(
            $hold, $plan->customs(), $gravel, $gravel->plus($required->need->pad), $this->depth,
            $plan->holding->collar ?? Holding::usualCollar($plan->notation), $pier?->top->minus($bottom), $system->turf, $system->mound,
        ))->layers;
        [$this->dug, $this->spoil] = $hold->isDug() ? [$this->hole->volume(), $this->hole->looseSpoil()] : [0.0, 0.0];
        $this->section = $plan->sectionOf($of);
        $sums = array_fill_keys(array_column(Material::cases(), 'value'), 0.0);
        $onPost = 0.0;
        foreach ($this->layers as $layer) {
            $volume = $this->volume($layer);
            $sums[$layer->material->value] += $volume;
            $onPost += $layer->material === Material::Concrete && $layer->time === LayerTime::Fill ? $volume : 0.0;
        }
        [$this->gravel, $this->concrete, $this->foam, $this->earth] = [
            $sums[Material::Gravel->value], $sums[Material::Concrete->value], $sums[Material::Foam->value], $sums[Material::Earth->value],
        ];
        $this->concreteOnPost = $onPost;
    }

    public static function planned(Plan $plan, Hold $hold, PostTops $tops, RequiredDepth $required): self
    {
        return new self(
            $required->post, false, $hold, $plan, $plan->hole, $required, $required->bottom(), $required->need->gravel, $required->foot, $tops,
        );
    }

    /** A hole dug too deep is brought up to its foot with gravel. */
    public static function asDug(Plan $plan, Hold $hold, PostTops $tops, HoleAsDug $hole): self
    {
        $shape = $hole->width === null ? $plan->hole : $plan->hole->dugTo($hole->width);

        return new self(
            $hole->required->post, true, $hold, $plan, $shape, $hole->required, $hole->bottom, $hole->topOfGravel()->minus($hole->bottom),
            $hole->foot, $tops,
        );
    }

    /** Whether the post stands on a pad of that material: poured, or bought as a block. */
    public function standsOn(Material $material): bool
    {
        return array_filter($this->layers, fn (Layer $layer) => $layer->time === LayerTime::First && $layer->material === $material) !== [];
    }

    /** What one of its layers takes, in mm³. */
    public function volume(Layer $layer): float
    {
        return match ($layer->place) {
            LayerPlace::Hole => Concrete::volume($this->hole, $layer->from, $layer->to, $this->section, $this->foot),
            LayerPlace::Tube => Hole::cylinder($this->tubeWidth, $layer->height())->volume(),
            LayerPlace::RoundTheTube => Concrete::volume($this->hole, $layer->from, $layer->to, Section::round($this->tubeWidth), $layer->from),
            LayerPlace::Mound => $this->hole->mound($layer->height(), $this->section),
        };
    }
}
