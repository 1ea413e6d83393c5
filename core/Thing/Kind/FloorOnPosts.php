<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\EvenRows;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/** A deck, a cabin floor or a walkway on posts or piers: the floor comes down from the sill, the posts end below what lies on them. */
final readonly class FloorOnPosts implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::Deck;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::Wide, 4800, 192), Asked::length(Ask::Deep, 3600, 144), Asked::length(Ask::SillHigh, 600, 24),
            Asked::length(Ask::StepDown, 30, 1), Asked::length(Ask::Stack, 363, 17.25), Asked::length(Ask::LargestBay, 2400, 96),
            Asked::length(Ask::PostThick, 120, 5.5)->folded(), Asked::length(Ask::PanelGap, 10, 0.5)->folded(),
            Asked::length(Ask::RiserMost, 190, 7.5)->folded(), Asked::maybe(Ask::Landing)->folded(), Asked::maybe(Ask::PermitOver)->folded(),
            Asked::maybe(Ask::GuardOver)->folded(),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::DownFromTheSill, WorkStep::BracingPostsDeeper, WorkStep::BracesAwayFromTheBarrow, WorkStep::BeamsOnPosts, WorkStep::BoardsTrimmedLast,
        ];
    }

    /**
     * The steps up to it, and what its height asks of the local office.
     *
     * @return list<Fact>
     *
     * @throws ThingRefused when a step has no height
     */
    private static function stairs(Heard $heard, Length $floor): array
    {
        $riser = $heard->positive(Ask::RiserMost);
        $count = intdiv($floor->nanometres + $riser->nanometres - 1, $riser->nanometres);
        $over = fn (Ask $ask, Figure $is): array => ($most = $heard->maybe($ask)) !== null && $floor->isLongerThan($most)
            ? [Fact::of($is, number: $floor, most: $most)] : [];

        return [
            Fact::of(Figure::Stairs, number: $floor->times(1 / $count), count: $count, riser: $riser),
            ...(($landing = $heard->maybe(Ask::Landing)) === null ? [] : [Fact::of(Figure::LandingAt, number: $landing, run: $landing->times(2))]),
            ...$over(Ask::PermitOver, Figure::OverPermit), ...$over(Ask::GuardOver, Figure::OverGuard),
        ];
    }

    public function make(Heard $heard): Made
    {
        [$wide, $deep, $sill, $largest, $thick] = array_map(
            $heard->positive(...), [Ask::Wide, Ask::Deep, Ask::SillHigh, Ask::LargestBay, Ask::PostThick],
        );
        [$stack, $down, $gap] = [$heard->length(Ask::Stack), $heard->length(Ask::StepDown), $heard->length(Ask::PanelGap)];
        $floor = $sill->minus($down);
        $top = $floor->minus($stack);
        if (! $top->isPositive()) {
            throw ThingRefused::nothingStands(Ask::Stack);
        }
        $columns = EvenRows::atMost(TapeHeld::Outside->centres($wide, $thick), $largest, $thick, Ask::Wide);
        // From the house: a gap, then the floor; its outer row stands flush with its far edge, further rows share the rest.
        $outer = $gap->plus($deep)->minus($thick->half());
        $count = Spacing::fewestBays($outer, $largest);
        $each = $outer->times(1 / $count);
        $plan = Draft::plan(
            $this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $top, $columns, array_fill(0, $count - 1, $each),
        );
        $plan = $plan->withLayout($plan->layout->heldBy([
            FixedLine::beside(FixedLine::ANSWERED, $heard->sides->plusY, $plan->grid, Side::PlusY, $each, $each, FixedKind::Wall, null),
        ]));
        $profile = Profile::ground()->piece(ProfileShape::Fixed, $thick->times(-2), Length::zero(), Length::zero(), $sill->plus($sill));
        for ($i = 1; $i <= $count; $i++) {
            $profile = $profile->post($each->times($i), $thick, $top, $plan->hole->width, Length::millimetres(800));
        }

        return new Made($plan, [
            Fact::of(Figure::RowsFromWall, number: $each, rows: $count, gap: $gap, deep: $deep),
            Fact::of(Figure::FloorAt, number: $floor, sill: $sill, down: $down),
            Fact::of(Figure::TopUnderStack, number: $top, floor: $floor, stack: $stack),
            ...self::stairs($heard, $floor),
        ], $profile->piece(ProfileShape::Timber, $gap, $top, $gap->plus($deep), $top->plus($stack->times(0.85)))
            ->piece(ProfileShape::Thing, $gap, $top->plus($stack->times(0.85)), $gap->plus($deep), $floor)
            ->across(Length::zero(), $outer, Length::millimetres(-250))->up(Length::zero(), $floor, $gap->plus($deep)->plus($thick->times(2))));
    }
}
