<?php

declare(strict_types=1);

namespace Tests\Core\Clear;

use Aequus\Clear\Clearance;
use Aequus\Clear\Conflict;
use Aequus\Clear\NoticePeriod;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

final class ClearanceTest extends TestCase
{
    #[TestWith(['2026-05-04', 3, '2026-05-08'], 'asked on a Monday: Tuesday to Thursday pass, Friday is free')]
    #[TestWith(['2026-05-07', 2, '2026-05-12'], 'asked on a Thursday: Friday and Monday pass')]
    #[TestWith(['2026-05-09', 1, '2026-05-12'], 'asked on a Saturday: Monday passes')]
    #[TestWith(['2026-05-04', 0, '2026-05-04'], 'no notice asked for')]
    #[TestWith(['2026-12-30', 3, '2027-01-05'], 'over the turn of the year')]
    public function test_the_notice_runs_over_working_days_only(string $askedOn, int $days, string $runsOut): void
    {
        $this->assertSame($runsOut, (new NoticePeriod(new NoticeAsked($askedOn, $days, '')))->runsOut);
    }

    public function test_digging_may_begin_on_the_day_itself_and_not_the_day_before(): void
    {
        $period = new NoticePeriod(new NoticeAsked('2026-05-04', 3, ''));
        $this->assertFalse($period->isOver('2026-05-07'));
        $this->assertTrue($period->isOver('2026-05-08'));
        $this->assertFalse($this->clearance('2026-05-08')->mayDigToday());
        $this->assertTrue($this->clearance('2026-05-08', new NoticeAsked('2026-05-04', 3, ''))->mayDigToday());
    }

    public function test_asking_again_counts_from_the_later_day(): void
    {
        $twice = $this->clearance('2026-05-08', new NoticeAsked('2026-05-04', 3, ''), new NoticeAsked('2026-05-07', 3, ''));
        $this->assertFalse($twice->mayDigToday());
    }

    public function test_every_hole_that_reaches_into_a_band_is_named_with_its_room(): void
    {
        // Holes of 400 mm on rows at 0 and 3000; a line at 2300 with 600 each side leaves the far row 100 inside.
        $conflicts = $this->clearance('2026-05-08', $this->line(600, [[-500, 2300], [9000, 2300]]))->conflicts;
        $this->assertSame(['A2', 'B2', 'C2'], array_map(fn (Conflict $conflict) => $conflict->post->label, $conflicts));
        $this->assertEquals(Length::millimetres(500), $conflicts[0]->room);
        $this->assertEquals(Length::millimetres(100), $conflicts[0]->inside);
    }

    public function test_a_hole_just_outside_the_band_is_clear(): void
    {
        $this->assertSame([], $this->clearance('2026-05-08', $this->line(500, [[-500, 2300], [9000, 2300]]))->conflicts);
    }

    public function test_a_line_through_a_hole_has_no_room_at_all(): void
    {
        [$conflict] = $this->clearance('2026-05-08', $this->line(0, [[0, -1000], [0, 1000]]))->conflicts;
        $this->assertSame('A1', $conflict->post->label);
        $this->assertEquals(Length::millimetres(-200), $conflict->room);
    }

    public function test_a_line_ends_where_its_last_point_is(): void
    {
        $this->assertSame([], $this->clearance('2026-05-08', $this->line(600, [[-3000, 0], [-900, 0]]))->conflicts);
    }

    public function test_a_bent_line_is_as_near_as_its_nearest_piece(): void
    {
        $line = [$this->point(0, 0), $this->point(1000, 0), $this->point(1000, 1000)];
        $this->assertEquals(Length::millimetres(500), Clearance::distance($this->point(1500, 700), $line));
        $this->assertEquals(Length::millimetres(500), Clearance::distance($this->point(1300, 1400), $line));
        $this->assertEquals(Length::zero(), Clearance::distance($this->point(400, 0), $line));
    }

    public function test_a_line_struck_from_the_book_is_in_nobodys_way(): void
    {
        $this->assertSame([], $this->clearance('2026-05-08', $this->line(600, [[0, 0], [9000, 0]]), new Strike(1, 'it is dead'))->conflicts);
    }

    /** @param  list<array{int, int}>  $points */
    private function line(int $noDig, array $points): ServiceLine
    {
        return new ServiceLine(
            ServiceType::Power, 'power to the pump', Length::millimetres($noDig), array_map(fn (array $p) => $this->point(...$p), $points),
        );
    }

    private function point(int $x, int $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }

    private function clearance(string $today, Payload ...$book): Clearance
    {
        return new Clearance(Builds::plan(), Builds::log(...$book), $today);
    }
}
