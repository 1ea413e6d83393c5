<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;

/** What each instrument would do on this grid before anything is levelled: its error at the far corner, and what it costs in readings. */
final readonly class InstrumentChoice
{
    /** How far a laser or optical level is trusted from one place. */
    private const SIGHT_MILLIMETRES = 30_000;

    /** @var list<ExpectedLevelling> from the simplest instrument to the dearest */
    public array $instruments;

    /** @param  Length  $board  for hopping */
    public function __construct(Plan $plan, Length $board)
    {
        $posts = count($plan->grid->posts);
        $far = hypot($plan->grid->columns->length()->inMillimetres(), $plan->grid->rows->length()->inMillimetres());
        $way = $plan->grid->columns->length()->inMillimetres() + $plan->grid->rows->length()->inMillimetres();
        $hops = max(1, (int) ceil($way / max(1.0, $board->inMillimetres())));
        $hoses = max(1, (int) ceil($far / WaterLevel::HOSE_MILLIMETRES));
        $setUps = max(1, (int) ceil($far / (2 * self::SIGHT_MILLIMETRES)));
        $meets = fn (float $sigma): bool => NormalDistribution::WITHIN_95 * $sigma <= $plan->closest()->inMillimetres();
        $list = [];
        foreach ([
            [InstrumentKind::LineLevel, (new LevelString(Length::millimetres($far)))->sigma(), $posts, 1, Fact::of(InstrumentUse::OneSpan)],
            [InstrumentKind::BoardLevel, BoardLevel::sigma($hops, $board, false), $posts, $hops, Fact::of(InstrumentUse::Hops, hops: $hops)],
            [
                InstrumentKind::BoardLevelTurned, BoardLevel::sigma($hops, $board, true), $posts, $hops,
                Fact::of(InstrumentUse::HopsTurned, hops: $hops),
            ],
            [InstrumentKind::WaterLevel, sqrt($hoses) * WaterLevel::READING, $posts, $hoses, Fact::of(InstrumentUse::Hoses, hoses: $hoses)],
            [
                InstrumentKind::Laser, sqrt(2 * $setUps) * Laser::sigma(Length::millimetres($far / 2)), $posts + $setUps, $setUps,
                Fact::of(InstrumentUse::SetUps, set_ups: $setUps),
            ],
        ] as [$instrument, $sigma, $readings, $places, $how]) {
            $list[] = new ExpectedLevelling(
                $instrument, Length::millimetres(NormalDistribution::WITHIN_95 * $sigma), $readings, $places, $meets($sigma), $how,
            );
        }
        $this->instruments = $list;
    }

    /** The simplest that meets the tolerance; null where none does. */
    public function recommended(): ?ExpectedLevelling
    {
        foreach ($this->instruments as $instrument) {
            if ($instrument->meets) {
                return $instrument;
            }
        }

        return null;
    }
}
