<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Side;
use Aequus\Set\StandingPost;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What the readings of one post come to: the newest stage counts, and what the fill did is the difference. */
final class StandingPostTest extends TestCase
{
    /** 6 mm in 1200 toward the stream before the fill, 2 mm after it. */
    #[TestWith([Stage::HoleOpen, Stage::Filled])]
    #[TestWith([Stage::HoleOpen, Stage::Hardened])]
    #[TestWith([Stage::Lift, Stage::Filled])]
    #[TestWith([Stage::Lift, Stage::Hardened])]
    public function test_the_fill_is_known_by_the_stages_beside_it(Stage $before, Stage $after): void
    {
        $post = $this->post(...$this->faces($before, 6), ...$this->faces($after, 2));
        $this->assertEqualsWithDelta(-4 / 1200, $post->drift()->slopeX ?? 0, 1e-9);
        $this->assertSame($after, $post->stage);
        $this->assertEqualsWithDelta(2 / 1200, $post->lean->slopeX, 1e-9);
        $this->assertEqualsWithDelta(2 / 1200 * 2400, $post->outOfPlumb()->inMillimetres(), 1);
        $this->assertSame(1200.0, $post->readOver()?->inMillimetres());
    }

    public function test_what_was_read_last_before_the_fill_is_what_it_is_compared_with(): void
    {
        $post = $this->post(...$this->faces(Stage::HoleOpen, 9), ...$this->faces(Stage::Lift, 6), ...$this->faces(Stage::Filled, 2));
        $this->assertEqualsWithDelta(-4 / 1200, $post->drift()->slopeX ?? 0, 1e-9, 'against the lift, not against the open hole');
        $post = $this->post(...$this->faces(Stage::HoleOpen, 6), ...$this->faces(Stage::Filled, 2), ...$this->faces(Stage::Hardened, 0));
        $this->assertEqualsWithDelta(-4 / 1200, $post->drift()->slopeX ?? 0, 1e-9, 'and as it was just filled');
    }

    public function test_nothing_is_known_of_the_fill_before_both_faces_are_read_on_both_sides_of_it(): void
    {
        [$x, $y] = $this->faces(Stage::Filled, 2);
        $this->assertNull($this->post(...$this->faces(Stage::HoleOpen, 6))->drift());
        $this->assertNull($this->post($x, $y)->drift());
        $this->assertNull($this->post($this->faces(Stage::HoleOpen, 6)[0], $x, $y)->drift());
        $this->assertNull($this->post(...$this->faces(Stage::HoleOpen, 6), ...[$x])->drift());
        $this->assertNull($this->post()->readOver());
    }

    /** @return array{PlumbReading, PlumbReading} toward +x by so much, plumb toward y */
    private function faces(Stage $stage, float $off): array
    {
        $read = fn (Side $face, Side $toward, float $gap) => PlumbReading::gap(
            Builds::plan()->grid->labelled('A1')->id, $face, $toward, Length::millimetres($gap), Length::millimetres(1200), $stage,
        );

        return [$read(Side::PlusX, Side::PlusX, $off), $read(Side::MinusY, Side::MinusY, 0)];
    }

    private function post(PlumbReading ...$readings): StandingPost
    {
        $mm = Length::millimetres(...);

        return new StandingPost(Builds::plan()->grid->labelled('A1'), true, array_values($readings), $mm(0), $mm(0), $mm(2400), $mm(1500), 200);
    }
}
