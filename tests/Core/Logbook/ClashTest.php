<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Aequus\Logbook\Clash;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Side;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Two who write of one thing without knowing of each other. */
final class ClashTest extends TestCase
{
    public function test_two_depths_of_one_hole_clash_where_they_differ(): void
    {
        $this->assertTrue($this->clash($this->hole('A1', 900), $this->hole('A1', 950)));
        $this->assertFalse($this->clash($this->hole('A1', 900), $this->hole('A1', 900)));
        $this->assertFalse($this->clash($this->hole('A1', 900), $this->hole('B1', 950)));
    }

    public function test_two_leans_clash_along_one_line_at_one_stage(): void
    {
        $this->assertTrue($this->clash($this->lean(Side::PlusX, 3), $this->lean(Side::PlusX, 4)));
        $this->assertTrue($this->clash($this->lean(Side::PlusX, 3), $this->lean(Side::PlusX, 3, toward: Side::MinusX)));
        $this->assertFalse($this->clash($this->lean(Side::PlusX, 3), $this->lean(Side::MinusY, 4)));
        $this->assertFalse($this->clash($this->lean(Side::PlusX, 3), $this->lean(Side::PlusX, 4, Stage::Filled)));
        $this->assertFalse($this->clash($this->lean(Side::PlusX, 3), $this->lean(Side::PlusX, 4, turned: true)));
    }

    public function test_readings_that_are_all_used_never_clash_nor_do_two_kinds(): void
    {
        $tape = fn (float $read) => new TapeReading($this->id('A1'), $this->id('B1'), Length::millimetres($read), TapeClass::Steel);
        $this->assertFalse($this->clash($tape(2400), $tape(2500)));
        $this->assertFalse($this->clash($this->hole('A1', 900), $this->lean(Side::PlusX, 3)));
    }

    /** Whoever is asked first, the answer is the same. */
    private function clash(Payload $one, Payload $other): bool
    {
        $this->assertSame(Clash::between($one, $other), Clash::between($other, $one));

        return Clash::between($one, $other);
    }

    private function hole(string $label, float $depth): HoleDug
    {
        return new HoleDug($this->id($label), Length::millimetres($depth));
    }

    private function lean(Side $face, float $off, Stage $stage = Stage::HoleOpen, bool $turned = false, ?Side $toward = null): PlumbReading
    {
        return new PlumbReading(
            $this->id('A1'), $face, $toward ?? $face, LeanMeasure::gap(Length::millimetres($off), Length::millimetres(1200)), $stage, $turned,
        );
    }

    private function id(string $label): PostId
    {
        static $plan = null;
        assert($plan === null || $plan instanceof Plan);

        return ($plan ??= Builds::plan())->grid->labelled($label)->id;
    }
}
