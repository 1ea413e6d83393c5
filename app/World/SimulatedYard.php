<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Bill\JobNeeds;
use Aequus\Bill\Ware;
use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Measure\UnitSystem;
use Aequus\Plan\Frame\Connector;
use ValueError;

/**
 * An invented yard with invented prices, the same for the same seed. It sells neither timber nor tubes by the length that is needed: only as they
 * come.
 */
final readonly class SimulatedYard implements Supplier
{
    /** By so much of a price two yards differ, up or down. */
    private const SPREAD = 0.08;

    public function __construct(private int $seed = 1)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function quotes(array $ids, Unit $unit): array
    {
        $quotes = [];
        foreach ($ids as $id) {
            $sold = $this->sold($id, $unit->system());
            if ($sold !== null) {
                [$pack, $price] = $sold;
                $quotes[$id] = new Quote($pack, max(1, (int) round($price * (1 + self::SPREAD * $this->share($id)))));
            }
        }

        return $quotes;
    }

    public function connectors(Unit $unit): array
    {
        $of = $unit->system()->sold(...);
        // Each yard stocks screws a little longer or shorter than the next.
        $screw = $of(35 + 5 * abs($this->seed % 3), 1.5 + 0.25 * abs($this->seed % 3));
        $hair = $of(2, 0.0625);
        $takes = fn (string $name, Length $holds, ?int $plies, ?Length $deep, int $screws): Connector => new Connector(
            $name, $holds->minus($hair), $holds->plus($hair), $plies, $deep, $screws, $screw,
        );

        return [
            'base' => array_map(
                fn (array $size) => $takes("F {$size[2]}", $of($size[0], $size[1]), null, null, 6), [[90, 3.5, 1], [100, 3.5, 2], [140, 5.5, 3]],
            ),
            'beam' => [
                $takes('S 1', $of(45, 1.5), 1, $of(145, 5.5), 8), $takes('S 2', $of(90, 3), 2, $of(170, 7.25), 12),
                $takes('S 3', $of(135, 4.5), 3, $of(195, 9.25), 16),
            ],
            'joist' => [$takes('H 1', $of(45, 1.5), null, $of(120, 5.5), 8), $takes('H 2', $of(45, 1.5), null, $of(170, 7.25), 14)],
        ];
    }

    /** @return ?array{float, float} pack and its price before the yard’s own share; null where it is not sold */
    private function sold(string $id, UnitSystem $system): ?array
    {
        try {
            [$ware, $sizes] = JobNeeds::read($id);
        } catch (ValueError) {
            return null;
        }
        $long = ($sizes[count($sizes) - 1] ?? Length::zero())->inMillimetres() / 1000;

        return match ($ware) {
            Ware::Post => [1.0, 1400 * $long],
            Ware::HeavyPost => [1.0, 2500 * $long],
            Ware::Timber => count($sizes) === 3 ? [1.0, $sizes[0]->inMillimetres() * $sizes[1]->inMillimetres() * $long / 1000 * 95] : null,
            Ware::StockTube => [1.0, 1100 * $long],
            Ware::ProfileBoard => [1.0, 160 * $long],
            Ware::Sheet => [1.0, 1300 * $long],
            Ware::Bag => [1.0, 620.0],
            Ware::Gravel => $system->pick([0.5, 2200.0], [1000.0, 2000.0]),
            Ware::Foam => [1.0, 1490.0],
            Ware::Block => [1.0, 340.0],
            Ware::Base => [1.0, 1280.0],
            Ware::Stake => [10.0, 790.0],
            Ware::ProfileStake => [10.0, 890.0],
            Ware::String => $system->pick([100.0, 650.0], [300.0, 650.0]),
            Ware::FrameFixing => [100.0, 1850.0],
            Ware::BoardScrew => [200.0, 2190.0],
            Ware::RoofScrew => [100.0, 1740.0],
            Ware::Nail => [100.0, 9 * $long * 1000],
            Ware::Screw, Ware::ConnectorScrew => [100.0, 600 + 18 * $long * 1000],
            Ware::Bolt => [1.0, 60 + 1.4 * $long * 1000],
            Ware::Cap => [1.0, 1090.0],
            Ware::Hanger => [1.0, 240.0],
            Ware::Panel => count($sizes) === 2 ? [1.0, 2400 * $long * $sizes[0]->inMillimetres() / 1000] : null,
            Ware::BraceBoard => [1.0, 150 * $long],
            Ware::Treatment => [1.0, 1450.0],
            Ware::MarkingPaint => [1.0, 690.0],
            Ware::Blanket => [1.0, 1150.0],
            Ware::HireAuger => [1.0, 7900.0],
            Ware::HireMixer => [1.0, 3900.0],
            Ware::HireLaser => [1.0, 4500.0],
            Ware::HireSaw => [1.0, 2900.0],
            Ware::Tube, Ware::TimberByLength => null,
        };
    }

    /** −1 to 1, by seed and goods. */
    private function share(string $id): float
    {
        return crc32("{$this->seed}:{$id}") / 0xFFFFFFFF * 2 - 1;
    }
}
