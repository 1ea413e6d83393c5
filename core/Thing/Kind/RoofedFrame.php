<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\EvenRows;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Place\Machine;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/**
 * A roof on posts for what must get in: a machine with all that hangs on it, the side it drives in by and its doors set bays, depth and eaves.
 * Heights are to the underside of what lies on the posts.
 */
final readonly class RoofedFrame implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::PoleBuilding;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::MachineWide, 2300, 90), Asked::length(Ask::MachineHigh, 2600, 102), Asked::length(Ask::Margin, 300, 12),
            Asked::count(Ask::Bays, 2), Asked::length(Ask::Deep, 6000, 240), Asked::length(Ask::LargestBay, 3000, 120),
            Asked::length(Ask::PostThick, 150, 5.5)->folded(), Asked::length(Ask::Fall, 0, 0)->folded(),
            Asked::pick(Ask::WayIn, Pick::LowSide, Pick::HighSide, Pick::AtAnEnd)->folded(), Asked::profile(Ask::MachineProfile),
            Asked::pick(Ask::DoorKind, Pick::NoDoors, Pick::Leaves, Pick::Sliding)->folded(),
            Asked::length(Ask::DoorOver, 150, 6)->folded(), Asked::length(Ask::DoorBeside, 50, 2)->folded(),
            Asked::pick(Ask::Later, Pick::Nothing, Pick::Walls, Pick::Doors, Pick::Sail)->folded(),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::DriveThroughOnce, WorkStep::FeetOnOnePlane, WorkStep::HighSideFirst, WorkStep::BeamsOnPosts, WorkStep::HoldUntilClosed,
        ];
    }

    public function make(Heard $heard): Made
    {
        [$wide, $tall, $deep, $largest, $thick] = array_map(
            $heard->positive(...), [Ask::MachineWide, Ask::MachineHigh, Ask::Deep, Ask::LargestBay, Ask::PostThick],
        );
        [$margin, $fall] = [$heard->length(Ask::Margin), $heard->length(Ask::Fall)];
        $machine = new Machine($tall, $heard->points(Ask::MachineProfile));
        $isAtAnEnd = $heard->pick(Ask::WayIn) === Pick::AtAnEnd;
        $hasDoors = $heard->pick(Ask::DoorKind) !== Pick::NoDoors;
        [$over, $beside] = $hasDoors ? [$heard->length(Ask::DoorOver), $heard->length(Ask::DoorBeside)] : [Length::zero(), Length::zero()];
        $passage = $wide->plus($margin->times(2))->plus($beside->times(2))->plus($thick);
        $between = $deep->minus($thick);
        $rows = $isAtAnEnd ? self::passages($between, $passage, $largest, $thick) : EvenRows::atMost($between, $largest, $thick, Ask::Deep);
        $columns = array_fill(0, $heard->count(Ask::Bays), $isAtAnEnd ? $largest : $passage);
        $inside = ($isAtAnEnd ? Length::sum($columns) : $between)->minus($thick);
        $needed = $machine->long?->plus($margin->times(2));
        if ($needed?->isLongerThan($inside) === true) {
            throw ThingRefused::machineTooLong($needed, $inside, $isAtAnEnd ? Ask::Bays : Ask::Deep);
        }

        $clear = $tall->plus($margin);
        $front = $clear->plus($over);
        $stop = $thick->half()->plus($margin);
        $isUnderHigh = $heard->pick(Ask::WayIn) === Pick::HighSide && $fall->isPositive();
        $low = $isUnderHigh ? self::lowSide($machine, $front, $stop, $fall, $between, $margin) : $front;
        if (! $low->isPositive()) {
            throw ThingRefused::nothingStands(Ask::Fall);
        }
        $high = $low->plus($fall);
        // The longest post: one that is too long is cut, one that is too short is bought again.
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Building, Section::rectangle($thick, $thick), $high, $columns, $rows);
        $plan = $plan->withFit(new Fit(self::passing($plan, $isAtAnEnd, $wide, $margin, $beside->times(2), $clear)));
        [$room, $along] = $machine->nearest($low, $stop, $fall, $between);

        return new Made($plan, [
            $hasDoors ? Fact::of(
                Figure::MachinePassesDoors, number: $isAtAnEnd ? $rows[0] : $passage, machine: $wide, margin: $margin, frame: $beside, thick: $thick,
            )
                : Fact::of(Figure::MachinePasses, number: $isAtAnEnd ? $rows[0] : $passage, machine: $wide, margin: $margin, thick: $thick),
            Fact::of(Figure::EavesAtLeast, number: $clear, machine: $tall, margin: $margin),
            ...($isAtAnEnd ? self::atAnEnd($rows[0], $columns, $largest) : []),
            ...($hasDoors ? self::doors($heard, $front, $over, $passage->minus($thick)->minus($beside->times(2))) : []),
            Fact::of(Figure::DeepBetweenRows, number: $between, deep: $deep),
            ...($machine->long === null ? [] : [Fact::of(Figure::MachineLong, number: $inside, long: $machine->long, margin: $margin)]),
            ...($fall->isPositive() ? [Fact::of(Figure::LowSide, number: $low), Fact::of(Figure::HighSide, number: $high, fall: $fall)] : []),
            ...($isUnderHigh ? [Fact::of(Figure::RoofLeaves, number: $room, along: $along, margin: $margin)] : []),
            ...match ($heard->pick(Ask::Later)) {
                Pick::Walls => [
                    Fact::of(Figure::LaterWalls),
                ], Pick::Doors => [Fact::of(Figure::LaterDoors)], Pick::Sail => [Fact::of(Figure::LaterSail)],
                default => [],
            },
        ], $isAtAnEnd || ($machine->long === null && ! $fall->isPositive())
            ? self::fromTheFront($plan, $isAtAnEnd ? $rows[0] : $passage, $thick, $front, $wide, $tall)
            : self::fromTheSide($plan, $machine, $isUnderHigh, [$low, $high], $between, $thick, $stop));
    }

    /**
     * Rows with the passage between any two of them: as many as the largest bay asks for, but none nearer than the passage.
     *
     * @return list<Length>
     *
     * @throws ThingRefused when it is not deep enough for one
     */
    private static function passages(Length $between, Length $passage, Length $largest, Length $thick): array
    {
        if ($between->isShorterThan($passage)) {
            throw ThingRefused::notDeepEnough($passage->plus($thick));
        }
        $rows = EvenRows::atMost($between, $largest->isShorterThan($passage) ? $passage : $largest, $thick, Ask::Deep);
        $most = max(1, min(count($rows), intdiv($between->nanometres, $passage->nanometres)));

        return Spacing::overall($between, TapeHeld::Centre, $thick, $most)->gaps();
    }

    /** So low as the opening under the high side and the machine where it stops let it be. */
    private static function lowSide(Machine $machine, Length $front, Length $stop, Length $fall, Length $run, Length $margin): Length
    {
        $byTheOpening = $front->minus($fall);
        [$room] = $machine->nearest($byTheOpening, $stop, $fall, $run);

        return $room->isShorterThan($margin) ? $byTheOpening->plus($margin)->minus($room) : $byTheOpening;
    }

    /** @return list<MustFit> the machine in every bay it may drive in by; unnamed, as it is the only one */
    private static function passing(Plan $plan, bool $isAtAnEnd, Length $wide, Length $margin, Length $frames, Length $clear): array
    {
        $first = $plan->grid->posts[0]->at;
        $line = array_values(array_filter(
            $plan->grid->posts, fn (Post $post) => $isAtAnEnd ? $post->at->x->equals($first->x) : $post->at->y->equals($first->y),
        ));
        $fits = [];
        for ($i = 1; $i < count($line); $i++) {
            $fits[] = new MustFit('', $line[$i - 1]->id, $line[$i]->id, $wide, $margin, $frames, high: $clear);
        }

        return $fits;
    }

    /**
     * @param  list<Length>  $columns
     * @return list<Fact> the bays along its way, and what must reach over a passage wider than was said to be reached
     */
    private static function atAnEnd(Length $passage, array $columns, Length $largest): array
    {
        return [
            Fact::of(Figure::EvenBays, number: $largest, count: count($columns), largest: $largest),
            ...($passage->isLongerThan($largest) ? [Fact::of(Figure::PassageOverLargest, number: $passage, largest: $largest)] : []),
        ];
    }

    /** @return list<Fact> what doors ask for, now or later: the room is left from the start */
    private static function doors(Heard $heard, Length $front, Length $over, Length $opening): array
    {
        return [
            Fact::of(Figure::DoorOver, number: $front, over: $over),
            $heard->pick(Ask::DoorKind) === Pick::Leaves ? Fact::of(Figure::DoorLeaves, number: $opening->half(), opening: $opening)
                : Fact::of(Figure::DoorSlides, number: $opening),
        ];
    }

    private static function fromTheFront(Plan $plan, Length $passage, Length $thick, Length $top, Length $wide, Length $tall): Profile
    {
        $beside = $passage->minus($wide)->half();

        return Profile::ground()
            ->post(Length::zero(), $thick, $top, $plan->hole->width, $top->times(0.35))
            ->post($passage, $thick, $top, $plan->hole->width, $top->times(0.35))
            ->piece(ProfileShape::Timber, $thick->negated(), $top, $passage->plus($thick), $top->plus($thick->times(1.5)))
            ->piece(ProfileShape::Thing, $beside, Length::zero(), $beside->plus($wide), $tall)
            ->across(Length::zero(), $passage, $top->times(-0.12))->up(Length::zero(), $top, $passage->plus($thick->times(3)));
    }

    /**
     * The roof falls to the left; the machine stands where it stops, its front under the low side or under the high one.
     *
     * @param  array{Length, Length}  $ends  tops of the low and the high posts
     */
    private static function fromTheSide(
        Plan $plan, Machine $machine, bool $isFrontLow, array $ends, Length $run, Length $thick, Length $stop,
    ): Profile {
        [$low, $high] = $ends;
        $deep = $high->times(0.35);
        $side = Profile::ground()->post(Length::zero(), $thick, $low, $plan->hole->width, $deep)->post($run, $thick, $high, $plan->hole->width, $deep)
            ->slope(ProfileShape::Roof, $thick->negated(), $low, $run->plus($thick), $high);
        $outline = $machine->outline();
        for ($i = 1; $i < count($outline); $i++) {
            [$one, $next] = array_map(
                fn (Point $point) => $isFrontLow ? $stop->plus($point->x) : $run->minus($stop)->minus($point->x), [$outline[$i - 1], $outline[$i]],
            );
            $side = $side->slope(ProfileShape::Outline, $one, $outline[$i - 1]->y, $next, $outline[$i]->y);
        }

        return $side->across(Length::zero(), $run, $high->times(-0.12))
            ->up(Length::zero(), $low, $run->times(-0.27))->up(Length::zero(), $high, $run->plus($thick->times(3)));
    }
}
