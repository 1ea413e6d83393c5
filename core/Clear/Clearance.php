<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Logbook\Log;
use Aequus\Logbook\NoticeAsked;
use Aequus\Logbook\ServiceLine;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Point;

/** Every hole against every known line, and whether the notice has run out. */
final readonly class Clearance
{
    public ?NoticePeriod $notice;

    /** @var array<int, ServiceLine> by sequence in the logbook */
    public array $services;

    /** @var list<Conflict> in post order */
    public array $conflicts;

    /** @param  string  $today as YYYY-MM-DD in the job's zone */
    public function __construct(Plan $plan, Log $log, public string $today)
    {
        $asked = $log->latest(NoticeAsked::class);
        $this->notice = $asked === null ? null : new NoticePeriod($asked);
        $this->services = $log->now(ServiceLine::class);
        $conflicts = [];
        foreach ($plan->grid->posts as $post) {
            foreach ($this->services as $service) {
                $room = self::distance($post->at, $service->points)->minus($plan->hole->reach());
                if ($room->isShorterThan($service->noDig)) {
                    $conflicts[] = new Conflict($post, $service, $room, $service->noDig->minus($room));
                }
            }
        }
        $this->conflicts = $conflicts;
    }

    public function mayDigToday(): bool
    {
        return $this->notice !== null && $this->notice->isOver($this->today);
    }

    /**
     * From a point to the nearest place on a line of straight pieces.
     *
     * @param  list<Point>  $line  two points or more
     */
    public static function distance(Point $point, array $line): Length
    {
        $nearest = INF;
        for ($i = 1; $i < count($line); $i++) {
            [$px, $py] = [$line[$i - 1]->x->inMillimetres(), $line[$i - 1]->y->inMillimetres()];
            [$dx, $dy] = [$line[$i]->x->inMillimetres() - $px, $line[$i]->y->inMillimetres() - $py];
            [$x, $y] = [$point->x->inMillimetres() - $px, $point->y->inMillimetres() - $py];
            $square = $dx ** 2 + $dy ** 2;
            $t = $square > 0 ? max(0.0, min(1.0, ($x * $dx + $y * $dy) / $square)) : 0.0;
            $nearest = min($nearest, hypot($x - $t * $dx, $y - $t * $dy));
        }

        return Length::millimetres($nearest);
    }
}
