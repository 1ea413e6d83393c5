<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Days\WorkCalendar;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Plan\Place\Segment;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;

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
        $this->notice = $asked === null ? null : new NoticePeriod($asked, new WorkCalendar(holidays: $plan->hands->calendar->holidays ?? []));
        $this->services = array_map(fn (ServiceLine $line) => $line->on($plan), $log->now(ServiceLine::class));
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
        $nearest = null;
        foreach (Segment::pieces($line) as $piece) {
            $distance = $piece->distanceTo($point);
            $nearest = $nearest === null || $distance->isShorterThan($nearest) ? $distance : $nearest;
        }

        return $nearest ?? Length::zero();
    }
}
