<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Exchange\CalendarEvent;
use App\Exchange\CalendarFile;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;

/** Calendars out and in, by their lines as RFC 5545 has them. */
final class CalendarFileTest extends TestCase
{
    public function test_what_is_planned_is_written_line_by_line(): void
    {
        $lines = explode("\r\n", $this->written(7));
        foreach ([
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Aequus//EN', 'BEGIN:VEVENT', 'UID:job-3-dig-1@aequus', 'SEQUENCE:7', 'DTSTAMP:20260504T050000Z', 'SUMMARY:Dig: Hide\, by the beck',
            'DTSTART;TZID=Europe/Zurich:20260504T073000', 'DTEND;TZID=Europe/Zurich:20260504T120000', 'END:VEVENT', 'END:VCALENDAR',
        ] as $line) {
            $this->assertContains($line, $lines, $line);
        }
        foreach ($lines as $line) {
            $this->assertLessThanOrEqual(75, strlen($line));
        }
        // The same event, later: the same id and a higher count.
        $this->assertContains('UID:job-3-dig-1@aequus', explode("\r\n", $this->written(8)));
        $this->assertContains('SEQUENCE:8', explode("\r\n", $this->written(8)));
    }

    public function test_days_are_read_each_once_and_in_their_order(): void
    {
        $event = fn (string ...$lines): string => "BEGIN:VEVENT\r\n".implode("\r\n", $lines)."\r\nEND:VEVENT\r\n";
        $calendar = fn (string ...$events): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n".implode('', $events)."END:VCALENDAR\r\n";
        $this->assertSame(['2026-12-25', '2026-12-26', '2027-01-01'], CalendarFile::days($calendar(
            $event('DTSTART;VALUE=DATE:20270101'), $event('DTSTART;VALUE=DATE:20261225', 'DTEND;VALUE=DATE:20261227'), $event('DTSTART:20261226T090000Z', 'DTEND:20261226T100000Z'),
        )));
        $this->assertSame([], CalendarFile::days($calendar()));
        $this->assertSame([], CalendarFile::days($calendar($event('DTSTART:20261399'), $event('SUMMARY:without a day'))));
        // What lasts for ever lasts a month here; an end before the beginning is a day.
        $this->assertCount(31, CalendarFile::days($calendar($event('DTSTART;VALUE=DATE:20260101', 'DTEND;VALUE=DATE:20990101'))) ?? []);
        $this->assertSame(['2026-01-05'], CalendarFile::days($calendar($event('DTSTART;VALUE=DATE:20260105', 'DTEND;VALUE=DATE:20260101'))));
        foreach (['', 'holidays', "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Nobody\r\nEND:VCARD\r\n", str_repeat('x', 1_000_001), "\x00\xff", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT"] as $no) {
            $this->assertNull(CalendarFile::days($no), mb_substr($no, 0, 20));
        }
    }

    public function test_what_is_written_is_read(): void
    {
        $this->assertSame(['2026-05-04'], CalendarFile::days($this->written(1)));
    }

    private function written(int $sequence): string
    {
        return CalendarFile::write(
            [new CalendarEvent('job-3-dig-1@aequus', 'Dig: Hide, by the beck', 'Tarn Hollow', '2026-05-04T07:30', '2026-05-04T12:00')], 'Hide', $sequence, new DateTimeZone('Europe/Zurich'),
            new DateTimeImmutable('2026-05-04 05:00 UTC'),
        );
    }
}
