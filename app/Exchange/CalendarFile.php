<?php

declare(strict_types=1);

namespace App\Exchange;

use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/** iCalendar files (RFC 5545): what is planned, out; holidays, in. */
final class CalendarFile
{
    /** More bytes than these no calendar of holidays has. */
    public const LARGEST = 1_000_000;

    /**
     * @param  list<CalendarEvent>  $events
     * @param  int  $sequence  counts up with every change, so that a second import takes the place of the first
     * @param  DateTimeImmutable  $stamp  when what it says was known
     */
    public static function write(array $events, string $name, int $sequence, DateTimeZone $zone, DateTimeImmutable $stamp): string
    {
        return self::quietly(function () use ($events, $name, $sequence, $zone, $stamp): string {
            $calendar = new VCalendar(['PRODID' => '-//Aequus//EN', 'X-WR-CALNAME' => $name, 'X-WR-TIMEZONE' => $zone->getName()]);
            $calendar->remove('CALSCALE');
            self::addZone($calendar, $zone, $events);
            foreach ($events as $event) {
                $calendar->add('VEVENT', [
                    'UID' => $event->id, 'SEQUENCE' => $sequence, 'DTSTAMP' => $stamp->setTimezone(new DateTimeZone('UTC')),
                    'SUMMARY' => $event->says, 'LOCATION' => $event->where,
                    'DTSTART' => new DateTimeImmutable($event->from, $zone), 'DTEND' => new DateTimeImmutable($event->to, $zone),
                ]);
            }

            return $calendar->serialize();
        });
    }

    /**
     * The zone its times are told in, by its own changes of clock round those times: a reader need not know it by name.
     *
     * @param  list<CalendarEvent>  $events
     */
    private static function addZone(VCalendar $calendar, DateTimeZone $zone, array $events): void
    {
        if ($events === [] || $zone->getName() === 'UTC') {
            return;
        }
        $at = fn (string $local, string $by): int => (new DateTimeImmutable($local, $zone))->modify($by)->getTimestamp();
        $times = array_map(fn (CalendarEvent $event) => $event->from, $events);
        $changes = $zone->getTransitions($at(min($times), '-1 year'), $at(max($times), '+1 year'));
        $block = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()], false);
        $offset = fn (int $seconds): string => sprintf(
            '%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds) % 3600, 60),
        );
        $before = $changes[0]['offset'];
        foreach ($changes as $change) {
            $block->add($calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => gmdate('Ymd\THis', $change['ts'] + $before), 'TZOFFSETFROM' => $offset($before),
                'TZOFFSETTO' => $offset($change['offset']), 'TZNAME' => $change['abbr'],
            ], false));
            $before = $change['offset'];
        }
        $calendar->add($block);
    }

    /** @return ?list<string> days of all its events, as YYYY-MM-DD, each day of one that lasts; null where it is no calendar */
    public static function days(string $bytes): ?array
    {
        if (strlen($bytes) > self::LARGEST) {
            return null;
        }

        return self::quietly(function () use ($bytes): ?array {
            try {
                $calendar = Reader::read($bytes);
            } catch (ParseException) {
                return null;
            }
            if (! $calendar instanceof VCalendar) {
                return null;
            }
            $days = [];
            foreach ($calendar->select('VEVENT') as $event) {
                preg_match('/^(\d{4})(\d{2})(\d{2})/', (string) $event->DTSTART, $from);
                preg_match('/^(\d{4})(\d{2})(\d{2})/', (string) ($event->DTEND ?? ''), $to);
                if ($from === [] || ! checkdate((int) $from[2], (int) $from[3], (int) $from[1])) {
                    continue;
                }
                $day = new DateTimeImmutable("{$from[1]}-{$from[2]}-{$from[3]}");
                $end = $to === [] ? $day->modify('+1 day') : new DateTimeImmutable("{$to[1]}-{$to[2]}-{$to[3]}");
                // The last day of an event is the one before its end; none lasts longer than a month.
                for ($i = 0; $i < 31 && ($i === 0 || $day < $end); $i++, $day = $day->modify('+1 day')) {
                    $days[$day->format('Y-m-d')] = true;
                }
            }
            $days = array_keys($days);
            sort($days);

            return $days;
        });
    }

    /**
     * The library’s signatures are older than PHP 8.1 and say so each time they are loaded: that is no news.
     *
     * @template T
     *
     * @param  callable(): T  $act
     * @return T
     */
    private static function quietly(callable $act): mixed
    {
        $before = error_reporting(E_ALL & ~E_DEPRECATED);
        try {
            return $act();
        } finally {
            error_reporting($before);
        }
    }
}
