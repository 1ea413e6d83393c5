<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Level\GroundSurface;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\PlanInWorld;
use App\Exchange\Drawn\DrawnRefusal;
use App\Exchange\Drawn\LandXml;

/** A survey’s surface of the ground, LandXML: how high it has the ground at every post, over the benchmark’s zero. Nothing is stored by it. */
final readonly class SurfaceRead
{
    /** @var list<array{Post, Length}> */
    public array $heights;

    /** @var list<Post> that lie beside it */
    public array $beside;

    /** Why there is no surface; null where there is one. */
    public ?DrawnRefusal $refused;

    public function __construct(string $bytes, Plan $plan, PlanInWorld $world)
    {
        $surface = LandXml::surface($bytes);
        $heights = $beside = [];
        foreach ($plan->grid->posts as $post) {
            $high = $surface instanceof GroundSurface ? $surface->heightAt($world->at($post->at)) : null;
            $over = $high === null ? null : $world->fit?->heightToPlan($high);
            if ($over === null) {
                $beside[] = $post;
            } else {
                $heights[] = [$post, Length::millimetres(round($over, 1))];
            }
        }
        [$this->heights, $this->beside, $this->refused] = [$heights, $beside, $surface instanceof GroundSurface ? null : $surface];
    }

    /** @return list<HeightDifference> from the benchmark to the ground at each post */
    public function readings(): array
    {
        return array_map(
            fn (array $one) => new HeightDifference(LevelPoint::benchmark(), LevelPoint::of($one[0]->id), $one[1], LevelInstrument::Survey),
            $this->heights,
        );
    }

    /** The ground as it was read at the posts, in the world; null where fewer than three are known, or they lie in one line. */
    public static function ofGround(Plan $plan, PlanInWorld $world, callable $height): ?GroundSurface
    {
        $points = [];
        foreach ($plan->grid->posts as $post) {
            $high = $height($post);
            if (is_float($high)) {
                $at = $world->at($post->at);
                $points[] = [new Vector($at->x, $at->y), $high];
            }
        }
        $surface = GroundSurface::between($points);

        return $surface->triangles === [] ? null : $surface;
    }
}
