<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Terms\Ask;

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
            Asked::length(Ask::PostThick, 200, 7.25),
        ];
    }

    public function make(Heard $heard): Made
    {
        [$wide, $tall, $thick] = array_map($heard->positive(...), [Ask::MachineWide, Ask::MachineHigh, Ask::PostThick]);
        $margin = $heard->length(Ask::Margin);
        $centres = $wide->plus($margin->times(2))->plus($thick);
        $over = $tall->plus($margin);
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $over->plus($thick), [$centres], []);
        $deep = $over->times(0.35);

        return new Made($plan, [
            Fact::of(Figure::MachinePasses, number: $centres, machine: $wide, margin: $margin, thick: $thick),
            Fact::of(Figure::LeastOver, number: $over, machine: $tall, margin: $margin),
        ], Profile::ground()
            ->post(Length::zero(), $thick, $over->plus($thick), $plan->hole->width, $deep)
            ->post($centres, $thick, $over->plus($thick), $plan->hole->width, $deep)
            ->piece(ProfileShape::Timber, $thick->negated(), $over, $centres->plus($thick), $over->plus($thick))
            ->piece(ProfileShape::Thing, $thick->half()->plus($margin), Length::zero(), $thick->half()->plus($margin)->plus($wide), $tall)
            ->across(Length::zero(), $centres, $over->times(-0.12))->up(Length::zero(), $over, $centres->plus($margin)->plus($thick)));
    }
}
