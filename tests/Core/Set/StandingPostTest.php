<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
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

    /** The limit is 5 mm in a metre; a phone may be 4 off from one hold, 2 from two. */
    #[TestWith([0.9, true, false, true])]
    #[TestWith([2.9, true, false, true])]
    #[TestWith([3.1, true, false, false])]
    #[TestWith([0.9, false, false, true])]
    #[TestWith([1.1, false, false, false])]
    #[TestWith([4.9, true, false, false])]
    #[TestWith([5.1, true, true, false])]
    public function test_a_phone_proves_a_post_plumb_only_where_its_own_error_leaves_room(float $off, bool $turnedOver, bool $out, bool $proved): void
    {
        $post = $this->post(...$this->byPhone($off, $turnedOver));
        $this->assertSame([$out, $proved, ! $out && ! $proved], [$post->isOut(), $post->isProvedPlumb(), $post->isTooRoughlyRead()]);
        // The face it was read on is asked for again, with a level.
        $this->assertSame($post->isTooRoughlyRead() ? Side::PlusX : null, $post->nextFace());
    }

    public function test_a_level_on_the_face_takes_the_place_of_the_phone(): void
    {
        $post = $this->post(...$this->byPhone(4.0, true));
        $this->assertTrue($post->isTooRoughlyRead());
        $post = $this->post(...$this->byPhone(4.0, true), ...$this->faces(Stage::HoleOpen, 4.8));
        $this->assertTrue($post->isProvedPlumb());
        $this->assertSame(0.0, $post->lean->sigma);
    }

    /** What somebody found out of his own phone counts; two opposite faces are better than one. */
    public function test_the_error_of_a_lean_is_carried_on_from_its_readings(): void
    {
        $reading = fn (Side $face, Side $toward, ?float $sigma) => new PlumbReading(
            Builds::plan()->grid->labelled('A1')->id, $face, $toward, LeanMeasure::phone(0.1, false, $sigma), Stage::HoleOpen,
        );
        [$south, $east, $west] = [
            $reading(Side::MinusY, Side::MinusY, 0.0005), $reading(Side::PlusX, Side::PlusX, 0.003), $reading(Side::MinusX, Side::PlusX, 0.003),
        ];
        $this->assertEqualsWithDelta(0.0005, $this->post($south)->lean->sigma, 1e-12);
        $this->assertEqualsWithDelta(0.003, $this->post($south, $east)->lean->sigma, 1e-12);
        $this->assertEqualsWithDelta(0.003 / sqrt(2), $this->post($south, $east, $west)->lean->sigma, 1e-12);
        $this->assertEquals($south, PlumbReading::fromStored(new Stored($south->stored())));
    }

    /** @return list<PlumbReading> so many mm in a metre toward +x, plumb toward y */
    private function byPhone(float $off, bool $turnedOver): array
    {
        $read = fn (Side $face, float $off) => new PlumbReading(
            Builds::plan()->grid->labelled('A1')->id, $face, $face, LeanMeasure::phone(rad2deg(atan($off / 1000)), $turnedOver), Stage::HoleOpen,
        );

        return [$read(Side::MinusY, 0.0), $read(Side::PlusX, $off)];
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
