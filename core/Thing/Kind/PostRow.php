<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/** A fence, a trellis or rails in one line: end to end with a gate or without, the rest in equal bays no wider than a panel or rail reaches. */
final readonly class PostRow implements Thing
{
    private const MOST_BAYS = Spacing::MOST_LINES - 3;

    /** So many equal bays are drawn of a long row. */
    private const DRAWN = 3;

    public function kind(): JobKind
    {
        return JobKind::FenceLine;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::Long, 12_000, 480), Asked::length(Ask::LargestBay, 1800, 96), Asked::length(Ask::High, 1500, 60),
            Asked::length(Ask::GateWide, 0, 0), Asked::length(Ask::GateGap, 20, 0.75)->folded(), Asked::length(Ask::PostThick, 90, 3.5)->folded(),
            Asked::maybe(Ask::HeavyThick)->folded(), Asked::maybe(Ask::Along)->folded(),
            Asked::pick(Ask::Tops, Pick::Level, Pick::Raked, Pick::Stepped)->folded(), Asked::length(Ask::EndRise, 0, 0)->folded(),
            Asked::maybe(Ask::BoughtRow)->folded(),
            Asked::length(Ask::SecondSide, 0, 0)->folded(), Asked::pick(Ask::CornerTo, Pick::Left, Pick::Right)->folded(),
            Asked::count(Ask::CornerDegrees, 90)->folded(),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::EndsAndGateFirst, WorkStep::StringBetweenTheEnds, WorkStep::PackOnBothSides, WorkStep::SightAlongIt,
        ];
    }

    /**
     * The row round its corner: from the last post of the first side on, in bays no wider than those.
     *
     * @throws ThingRefused when the corner folds the row back on itself
     */
    private static function secondSide(Heard $heard, Length $long, Length $largest, int $columns): ?Part
    {
        $side = $heard->length(Ask::SecondSide);
        if (! $side->isPositive()) {
            return null;
        }
        $degrees = $heard->count(Ask::CornerDegrees, 150);
        $count = Spacing::fewestBays($side, $largest);
        if ($count > self::MOST_BAYS) {
            throw ThingRefused::tooMany(Ask::LargestBay, self::MOST_BAYS);
        }
        $at = fn (Length $along): Point => new Point($along, Length::zero());
        $each = $side->times(1 / $count);

        return new Part(
            Part::ANSWERED, self::letter($columns), PartKind::Row, $count === 1 ? [$at($side)] : [$at($each), $at($side)], [], [], $largest,
            $at($long),
            $heard->pick(Ask::CornerTo) === Pick::Left ? $degrees : -$degrees,
        );
    }

    /** Before the numbers round the corner: one that no column has. */
    private static function letter(int $columns): string
    {
        return $columns > ord('R') - ord('A') ? 'RR' : 'R';
    }

    /**
     * How the tops run over ground that rises to the far end, and what a bought length leaves for the ground.
     *
     * @return list<Fact>
     *
     * @throws ThingRefused when the far post would not stand, or nothing of a bought post goes into the ground
     */
    private static function tops(Heard $heard, Length $high, Length $long, Length $bay): array
    {
        [$rise, $bought, $tops] = [$heard->length(Ask::EndRise), $heard->maybe(Ask::BoughtRow), $heard->pick(Ask::Tops)];
        $far = $tops === Pick::Level ? $high->minus($rise) : $high;
        if (! $far->isPositive()) {
            throw ThingRefused::nothingStands(Ask::EndRise);
        }
        $tallest = $far->isLongerThan($high) ? $far : $high;
        if ($bought !== null && ! $bought->isLongerThan($tallest)) {
            throw ThingRefused::nothingStands(Ask::BoughtRow);
        }
        $each = $rise->times($bay->nanometres / $long->nanometres);

        return [
            ...($rise->isZero() ? [] : [Fact::of(match ($tops) {
                Pick::Raked => Figure::TopsRaked, Pick::Stepped => Figure::TopsStepped, default => Figure::TopsLevel
            }, number: $tops === Pick::Level ? $far : $each->magnitude(), rise: $rise->magnitude(), way: Fact::of($rise->isNegative() ? Figure::Falls
                : Figure::Rises))]),
            ...($bought === null ? [] : [Fact::of(Figure::RowBought, number: $bought->minus($tallest), bought: $bought, tallest: $tallest)]),
        ];
    }

    public function make(Heard $heard): Made
    {
        [$long, $largest, $high, $thick] = array_map($heard->positive(...), [Ask::Long, Ask::LargestBay, Ask::High, Ask::PostThick]);
        $leaf = $heard->length(Ask::GateWide);
        $gap = $heard->length(Ask::GateGap);
        $heavy = $heard->maybe(Ask::HeavyThick) ?? $thick;
        if ($heavy->isShorterThan($thick)) {
            throw ThingRefused::lighterThanTheRest();
        }
        $across = ToleranceClass::Fence->squareness($heard->notation->unit);
        if ($heard->maybe(Ask::Along)?->isShorterThan($across)) {
            throw ThingRefused::closerAlongThanAcross($across);
        }
        // A leaf, a gap on either side, and half of each post.
        $gate = $leaf->isPositive() ? $leaf->plus($gap->times(2))->plus($heavy) : Length::zero();
        $rest = $long->minus($gate);
        if (! $rest->isPositive()) {
            throw ThingRefused::gateFillsTheRow();
        }
        $count = Spacing::fewestBays($rest, $largest);
        if ($count > self::MOST_BAYS) {
            throw ThingRefused::tooMany(Ask::LargestBay, self::MOST_BAYS);
        }
        $even = Spacing::overall($rest, TapeHeld::Centre, $thick, $count)->gaps();
        $plan = Draft::plan(
            $this->kind(), $heard, ToleranceClass::Fence, Section::rectangle($thick, $thick), $high,
            [...($gate->isPositive() ? [$gate] : []), ...$even], [],
            heavy: $heavy->equals($thick) ? null : Section::rectangle($heavy, $heavy), along: $heard->maybe(Ask::Along),
        );
        if ($gate->isPositive()) {
            [$hinge, $latch] = $plan->grid->posts;
            $plan = $plan->withFit(new Fit([new MustFit('', $hinge->id, $latch->id, $leaf, $gap, Length::zero(), isLeaf: true)]));
        }
        $second = self::secondSide($heard, $long, $largest, $plan->grid->columns->count());
        $plan = $second === null ? $plan : $plan->withParts([$second]);
        $profile = Profile::ground();
        $at = Length::zero();
        $drawn = [...($gate->isPositive() ? [$gate] : []), ...array_slice($even, 0, self::DRAWN)];
        foreach ($drawn as $i => $bay) {
            $isLeaf = $i === 0 && $gate->isPositive();
            $profile = $profile->post($at, $i === 0 || $i === 1 && $gate->isPositive() ? $heavy : $thick, $high, $plan->hole->width, $high->half())
                ->piece(
                    $isLeaf ? ProfileShape::Thing : ProfileShape::Timber, $at->plus($thick), $high->times(0.75), $at->plus($bay)->minus($thick),
                    $high->times(0.82),
                )
                ->across($at, $at->plus($bay), $high->times(0.3));
            $at = $at->plus($bay);
        }
        $goesOn = $count > self::DRAWN;
        $profile = $profile->post($at, $goesOn ? $thick : $heavy, $high, $plan->hole->width, $high->half());
        // A rail that ends in the air says that the row goes on.
        $profile = $goesOn
            ? $profile->piece(ProfileShape::Timber, $at->plus($thick), $high->times(0.75), $at->plus($even[0]->times(0.4)), $high->times(0.82))
            : $profile;

        return new Made($plan, [
            Fact::of(Figure::EvenBays, count: $count, number: $even[0], largest: $largest), ...self::tops($heard, $high, $long, $even[0]),
            ...($second === null ? [] : [Fact::of(
                Figure::RoundTheCorner, number: $second->posts[0]->at->distanceTo(new Point($long, Length::zero())), count: count($second->posts),
                degrees: $heard->count(Ask::CornerDegrees, 179),
            )]),
            ...($gate->isPositive() ? [Fact::of(Figure::GateBay, number: $gate, leaf: $leaf, gap: $gap, thick: $heavy)] : []),
        ], $profile->up(Length::zero(), $high, $at->plus($goesOn ? $even[0]->half() : $high->half())));
    }
}
