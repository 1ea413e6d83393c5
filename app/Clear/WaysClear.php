<?php

declare(strict_types=1);

namespace App\Clear;

use Aequus\Clear\Conflict;
use Aequus\Clear\SmallestShift;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Shift;
use Aequus\Site\SiteState;
use Aequus\Words\Logbook\LogbookNames;
use Aequus\Words\Names;
use App\Type\Say;

/** How the holes could be brought clear of every no-dig band: the whole grid by one shift, or single posts on their own. */
final readonly class WaysClear
{
    /** @var list<Shift> of the whole grid, the larger part first; none where nothing is in conflict */
    public array $whole;

    /** @var list<array{Post, list<Shift>, bool}> each post in conflict, its own smallest shift, and whether the tolerance allows it */
    public array $single;

    /** @return array<string, string> what a line may carry, with the colour it is marked in */
    public static function types(): array
    {
        return array_combine(
            array_column(ServiceType::cases(), 'value'), array_map(
                fn (ServiceType $type) => Say::text(
                    'clear.ways_clear.marked', carries: ucfirst(Names::of($type)), colour: LogbookNames::markedIn($type),
                ), ServiceType::cases(),
            ),
        );
    }

    public function __construct(SiteState $site)
    {
        $plan = $site->plan;
        $services = $site->clear->services;
        $mark = $plan->notation->smallestMark();
        if ($site->clear->conflicts === []) {
            [$this->whole, $this->single] = [[], []];

            return;
        }
        $radius = $plan->hole->reach();
        $this->whole = self::told(SmallestShift::of(array_map(fn (Post $post) => $post->at, $plan->grid->posts), $radius, $services), $mark);
        $this->single = ByPost::indexed(
            $site->clear->conflicts, fn (Conflict $conflict) => $conflict->post,
        )->map(function (Conflict $conflict) use ($radius, $services, $mark, $plan): array {
            $shift = SmallestShift::of([$conflict->post->at], $radius, $services);
            $size = Length::millimetres(hypot($shift->x->inMillimetres(), $shift->y->inMillimetres()));

            return [$conflict->post, self::told($shift, $mark), ! $size->isLongerThan($plan->tolerances->squareness)];
        })->all();
    }

    /**
     * In whole marks, rounded up: rounding down would leave the hole inside the band.
     *
     * @return list<Shift>
     */
    private static function told(Point $shift, Length $mark): array
    {
        $up = fn (Length $part): Length => $mark->times((int) (ceil(abs($part->nanometres) / $mark->nanometres) * ($part->isNegative() ? -1 : 1)));

        return Shift::parts($up($shift->x), $up($shift->y));
    }
}
