<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\PlanInWorld;

/** What the layers of a drawing become on the site: posts, what stands there, and lines in the ground. What can’t become that is told. */
final readonly class Layers
{
    /** More single posts than these nobody adds at once. */
    public const MOST_POSTS = 200;

    private const POSTS = 'posts';

    /** @var list<Point> of single posts */
    public array $posts;

    /** @var list<SiteObject> */
    public array $objects;

    /** @var list<ServiceLine> */
    public array $services;

    /** @var list<array{string, int}> layers with things that are not of the kind chosen for them, and how many */
    public array $left;

    /**
     * @param  array<string, string>  $roles  by layer: posts, the value of a SiteKind or of a ServiceType; else it is left out
     * @param  float  $unit  mm of one of the drawing’s units
     * @param  ?PlanInWorld  $world  where its places are east and north; null where they are those of the plan
     * @param  ?Length  $noDig  on each side of what lies in the ground
     */
    public function __construct(Drawn $drawn, private Plan $plan, array $roles, private float $unit, private ?PlanInWorld $world, ?Length $noDig)
    {
        $posts = $objects = $services = $left = [];
        foreach ($drawn->layers() as $layer => $shapes) {
            $role = $roles[$layer] ?? '';
            $kind = SiteKind::tryFrom($role);
            $carries = ServiceType::tryFrom($role);
            foreach ($shapes as $shape) {
                $points = array_map($this->at(...), $shape->points);
                if ($role === self::POSTS && $shape->isSpot()) {
                    $posts[] = $points[0];
                } elseif ($kind !== null && count($points) >= ($kind === SiteKind::Tree ? 1 : ($kind->isArea() ? 3 : 2))) {
                    $objects[] = new SiteObject(
                        'd'.(count($plan->site) + count($objects) + 1).'-'.hash('xxh32', $layer), self::name($shape), $kind, $points, Length::zero(),
                        Length::zero(),
                    );
                } elseif ($carries !== null && $noDig !== null && count($points) > 1) {
                    $services[] = new ServiceLine(
                        $carries, self::name($shape), $noDig, $shape->isClosed ? [...$points, $points[0]] : $points, $plan->origin,
                    );
                } elseif ($role !== '') {
                    $left[(string) $layer] = ($left[(string) $layer] ?? 0) + 1;
                }
            }
        }
        [$this->posts, $this->objects, $this->services] = [$posts, $objects, $services];
        $this->left = array_map(fn (string $layer, int $count) => [$layer, $count], array_map(strval(...), array_keys($left)), array_values($left));
    }

    /** The plan with what came in; posts are a part of their own. */
    public function plan(string $name, string $id): Plan
    {
        $plan = $this->objects === [] ? $this->plan : $this->plan->withSite([...$this->plan->site, ...$this->objects]);

        return $this->posts === [] ? $plan : $plan->withParts(
            [...$plan->parts, new Part($id, $name, PartKind::Spots, $this->posts, [], [], null, new Point(Length::zero(), Length::zero()))],
        );
    }

    public function changesPlan(): bool
    {
        return $this->posts !== [] || $this->objects !== [];
    }

    private static function name(Shape $shape): string
    {
        return mb_substr($shape->name !== '' ? $shape->name : $shape->layer, 0, 40);
    }

    private function at(Vector $drawn): Point
    {
        $at = $drawn->times($this->unit);
        $at = $this->world?->fit?->toPlan($at) ?? $at;

        return new Point(Length::millimetres(round($at->x, 4)), Length::millimetres(round($at->y, 4)));
    }
}
