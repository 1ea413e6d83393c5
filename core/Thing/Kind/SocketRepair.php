<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Socket\Probes;
use Aequus\Thing\Socket\Socket;
use Aequus\Thing\Socket\SocketReading;
use Aequus\Thing\Socket\SocketSide;
use Aequus\Thing\Socket\TakeOff;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/** A post that rotted in sound concrete: the socket is kept where it can be emptied deep enough, and the new post is planed to go in plumb. */
final readonly class SocketRepair implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::SocketRepair;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::OpeningA, 92, 3.625), Asked::length(Ask::OpeningB, 92, 3.625), Asked::length(Ask::SocketDeep, 700, 28),
            Asked::maybe(Ask::SoundAt), Asked::length(Ask::LeastDepth, 600, 24), Asked::length(Ask::PostP, 90, 3.5),
            Asked::maybe(Ask::PostQ)->folded(), Asked::faces(Ask::FacesA), Asked::faces(Ask::FacesB), Asked::length(Ask::High, 1500, 60)->folded(),
            Asked::count(Ask::Posts, 1)->folded(),
            Asked::length(Ask::Apart, 2400, 96)->folded(), Asked::length(Ask::PanelGap, 2, 0.0625)->folded(),
            ...AskedOfAll::work(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::PropWhatItCarries, WorkStep::ProbeAllRound, WorkStep::EmptyTheSocket, WorkStep::PlaneNeverAbove, WorkStep::TreatTheCut, WorkStep::TapNeverForce,
            WorkStep::WedgeAndSeal,
        ];
    }

    public function make(Heard $heard): Made
    {
        [$a, $b, $deep, $p, $high] = array_map($heard->positive(...), [Ask::OpeningA, Ask::OpeningB, Ask::SocketDeep, Ask::PostP, Ask::High]);
        $q = $heard->maybe(Ask::PostQ) ?? $p;
        $clearance = $heard->length(Ask::PanelGap);
        [$sideA, $sideB] = [self::side('A', $heard, Ask::FacesA, $a), self::side('B', $heard, Ask::FacesB, $b)];
        try {
            $socket = new Socket($sideA, $sideB, $p, $q, $clearance);
        } catch (ThingRefused) {
            throw ThingRefused::socketSmallerThanPost($sideA->clear->isShorterThan($sideB->clear) ? Ask::OpeningA : Ask::OpeningB);
        }
        try {
            $probed = $heard->maybe(Ask::SoundAt);
            $reached = $probed === null ? null : new Probes($deep, [['', $probed]]);
        } catch (ThingRefused $refused) {
            throw $refused->at(Ask::SoundAt);
        }
        $least = $heard->length(Ask::LeastDepth);
        $count = $heard->count(Ask::Posts);
        $plan = Draft::plan(
            $this->kind(), $heard, ToleranceClass::Fence, Section::rectangle($p, $q), $high,
            array_fill(0, $count - 1, $count === 1 ? Length::zero() : $heard->positive(Ask::Apart)), [],
            HoleShape::square(Length::nanometres(max($sideA->clear->nanometres, $sideB->clear->nanometres, $p->nanometres, $q->nanometres))),
            ownDepth: $least,
        );
        // Old concrete that never heaved is not dug deeper: only what the post needs of its socket counts.
        $none = Length::zero();
        $plan = $plan->withFooting(new FootingRules($none, $none, LeastEmbedment::length($none), $none, $none, $none, DepthMode::Own));
        $wide = $a->plus($deep->half());

        return new Made($plan, [
            match (true) {
                $reached === null => Fact::of(Figure::SocketNotProbed, least: $least),
                $reached->shortBy($least)->isZero() => Fact::of(Figure::SocketKept, depth: $reached->depth, least: $least),
                default => Fact::of(Figure::SocketTooShallow, depth: $reached->depth, least: $least, short: $reached->shortBy($least)),
            },
            ...self::faces($socket->better),
        ], Profile::ground()
            ->piece(ProfileShape::Fixed, $wide->half()->negated(), $deep->times(-1.1), $wide->half(), Length::zero())
            ->post(Length::zero(), $p, $high, $a, $reached->depth ?? $deep)
            ->across($a->half()->negated(), $a->half(), $high->times(0.2))
            ->up(($reached->depth ?? $deep)->negated(), Length::zero(), $wide->half()->plus($a)));
    }

    /** @throws ThingRefused where it can’t be read so */
    private static function side(string $name, Heard $heard, Ask $faces, Length $opening): SocketSide
    {
        $rows = $heard->table($faces);
        $readings = $rows === null ? [SocketReading::width(Length::zero(), $opening)]
            : array_map(fn (array $row) => SocketReading::fromPlumbLine($row[0], $row[1] ?? Length::zero(), $row[2] ?? Length::zero()), $rows);
        try {
            return new SocketSide($name, $readings, null);
        } catch (ThingRefused $refused) {
            throw $refused->at($faces);
        }
    }

    /** @return list<Fact> what comes off, or goes in, on the faces toward each side of the opening */
    private static function faces(TakeOff $way): array
    {
        $of = fn (Length $off, string $side, Length $planed): Fact => $off->isZero()
            ? Fact::of(
                $way->isTurned ? Figure::GoesInTurned : Figure::GoesInAsGiven, side: $side,
            ) : ($off->isNegative() ? Fact::of($way->isTurned ? Figure::WedgesTurned : Figure::WedgesAsGiven, number: $off->magnitude(), side: $side)
            : Fact::of($way->isTurned ? Figure::TakeOffTurned : Figure::TakeOffAsGiven, number: $off, side: $side, planed: $planed));

        // Beside the plumb line both faces of a side give the same: the post stands in the middle of what is clear.
        return [$of($way->aMinus, 'A', $way->planedA), $of($way->bMinus, 'B', $way->planedB)];
    }
}
