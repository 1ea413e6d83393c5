<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Arch;
use Aequus\Plan\Posts\Section;
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

/** An arch or a gateway: what drives through, with all it carries, sets the width and the least height over it. */
final readonly class Gateway implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::Gateway;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::MachineWide, 2500, 98), Asked::length(Ask::MachineHigh, 3200, 126), Asked::length(Ask::Margin, 300, 12),
            Asked::length(Ask::PostThick, 200, 7.25), Asked::pick(Ask::HeldBy, Pick::Concrete, Pick::Foam)->folded(),
            Asked::profile(Ask::ArchProfile),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::DriveThroughOnce, WorkStep::KeepTheCurveHigh, WorkStep::BoardsAtFootAndTop,
            ...($heard->pick(Ask::HeldBy) === Pick::Foam ? [WorkStep::CoverTheFoam] : []),
        ];
    }

    /**
     * What an arch leaves over the machine, over its whole width in the middle of the passage.
     *
     * @return list<Fact>
     *
     * @throws ThingRefused when the arch does not reach from post to post, or comes down on the machine
     */
    private static function arch(Heard $heard, Length $centres, Length $wide, Length $tall, Length $margin): array
    {
        $points = $heard->points(Ask::ArchProfile);
        if ($points === []) {
            return [];
        }
        foreach ($points as $i => $point) {
            if ($i > 0 && ! $point->x->isLongerThan($points[$i - 1]->x)) {
                throw ThingRefused::archNotAcross();
            }
        }
        if ($points[0]->x->isPositive() || $points[count($points) - 1]->x->isShorterThan($centres)) {
            throw ThingRefused::archTooNarrow($centres);
        }
        $room = (new Arch($points))->leastRoom($centres->minus($wide)->half(), $wide, $tall);
        if ($room->isShorterThan($margin)) {
            throw ThingRefused::archTooLow($room, $margin);
        }

        return [Fact::of(Figure::ArchLeaves, number: $room, margin: $margin)];
    }

    public function make(Heard $heard): Made
    {
        [$wide, $tall, $thick] = array_map($heard->positive(...), [Ask::MachineWide, Ask::MachineHigh, Ask::PostThick]);
        $margin = $heard->length(Ask::Margin);
        $centres = $wide->plus($margin->times(2))->plus($thick);
        $over = $tall->plus($margin);
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $over->plus($thick), [$centres], []);
        $deep = $over->times(0.35);
        if ($heard->pick(Ask::HeldBy) === Pick::Foam) {
            $plan = $plan->withHolding(new Holding(
                Hold::Foam, new HoldingSite(Soil::Clay), PierRules::usual($heard->notation), Holding::usualCollar($heard->notation),
                customs: Customs::usual($plan->work->crew),
            ));
        }

        return new Made($plan, [
            Fact::of(Figure::MachinePasses, number: $centres, machine: $wide, margin: $margin, thick: $thick),
            Fact::of(Figure::LeastOver, number: $over, machine: $tall, margin: $margin), ...self::arch($heard, $centres, $wide, $tall, $margin),
        ], Profile::ground()
            ->post(Length::zero(), $thick, $over->plus($thick), $plan->hole->width, $deep)
            ->post($centres, $thick, $over->plus($thick), $plan->hole->width, $deep)
            ->piece(ProfileShape::Timber, $thick->negated(), $over, $centres->plus($thick), $over->plus($thick))
            ->piece(ProfileShape::Thing, $thick->half()->plus($margin), Length::zero(), $thick->half()->plus($margin)->plus($wide), $tall)
            ->across(Length::zero(), $centres, $over->times(-0.12))->up(Length::zero(), $over, $centres->plus($margin)->plus($thick)));
    }
}
