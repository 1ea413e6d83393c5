<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Exchange\CalendarEvent;
use App\Exchange\CalendarFile;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;

/** What is written for a calendar, as a reader of others understands it. */
final class CalendarReaderTest extends TestCase
{
    private const READ = <<<'PYTHON'
        import sys, json, icalendar
        calendar = icalendar.Calendar.from_ical(sys.stdin.buffer.read())
        zones = [str(z['TZID']) for z in calendar.walk('VTIMEZONE')]
        offsets = [[str(s.name), s['DTSTART'].dt.isoformat(), int(s['TZOFFSETTO'].td.total_seconds())] for z in calendar.walk('VTIMEZONE') for s in z.subcomponents]
        events = [[str(e['UID']), int(e['SEQUENCE']), str(e['SUMMARY']), str(e['LOCATION']), e['DTSTART'].dt.isoformat(), e['DTEND'].dt.isoformat()] for e in calendar.walk('VEVENT')]
        print(json.dumps({'zones': zones, 'offsets': offsets, 'events': events}))
        PYTHON;

    public function test_another_program_reads_the_same_events_in_the_zone_of_the_job(): void
    {
        $says = 'Dig, set; “fill”: shed \\ barn '.str_repeat('long ', 30);
        $events = [
            new CalendarEvent('job-1-dig-1@aequus', $says, "Orchard,\nfar end", '2026-03-27T07:30', '2026-03-27T12:15'),
            new CalendarEvent('job-1-dig-2@aequus', 'After the clocks changed', '', '2026-03-30T07:30', '2026-03-30T12:15'),
        ];
        $read = self::read(CalendarFile::write($events, 'Shed', 200_007, new DateTimeZone('Europe/Berlin'), new DateTimeImmutable('2026-03-20 10:00 UTC')));
        $this->assertSame([
            ['job-1-dig-1@aequus', 200_007, $says, "Orchard,\nfar end", '2026-03-27T07:30:00+01:00', '2026-03-27T12:15:00+01:00'],
            ['job-1-dig-2@aequus', 200_007, 'After the clocks changed', '', '2026-03-30T07:30:00+02:00', '2026-03-30T12:15:00+02:00'],
        ], $read['events']);
        $this->assertSame(['Europe/Berlin'], $read['zones']);
        // Told by the file itself: from 29 March, 2 in the morning, two hours ahead; from 25 October, 3 in the morning, one.
        $this->assertContains(['DAYLIGHT', '2026-03-29T02:00:00', 7200], $read['offsets']);
        $this->assertContains(['STANDARD', '2026-10-25T03:00:00', 3600], $read['offsets']);
        $utc = self::read(CalendarFile::write($events, 'Shed', 1, new DateTimeZone('UTC'), new DateTimeImmutable('2026-03-20 10:00 UTC')));
        $this->assertSame(['2026-03-27T07:30:00+00:00', []], [$utc['events'][0][4], $utc['zones']]);
        $this->assertSame([], self::read(CalendarFile::write([], 'Nothing left', 1, new DateTimeZone('Europe/Berlin'), new DateTimeImmutable('2026-03-20 10:00 UTC')))['events']);
    }

    /** @return array{zones: list<string>, offsets: list<array{string, string, int|float}>, events: list<array{string, int, string, string, string, string}>} */
    private static function read(string $bytes): array
    {
        $python = proc_open(['/usr/bin/python3', '-c', self::READ], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($python);
        fwrite($pipes[0], $bytes);
        fclose($pipes[0]);
        [$told, $wrong] = [stream_get_contents($pipes[1]), stream_get_contents($pipes[2])];
        self::assertSame([0, ''], [proc_close($python), (string) $wrong]);

        return json_decode((string) $told, true, flags: JSON_THROW_ON_ERROR);
    }
}
