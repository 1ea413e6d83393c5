<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Measure\Length;

/** Invented districts, each with figures of its own: colder ones have more snow, windy ones lie by the water. Another seed is another land. */
final readonly class SimulatedCodeDesk implements CodeDesk
{
    /** Names with the frost line in inches and the wind in m/s that they have about. */
    private const ABOUT = [
        'Tarn Hollow' => [40, 40], 'Upper Withy' => [48, 42], 'Marrow Fen' => [30, 46], 'Saltmarsh End' => [12, 54], 'Cold Ladle' => [60, 44],
    ];

    /** No footing is shallower, inches. */
    private const LEAST = 12;

    public function __construct(private int $seed = 1)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function districts(): array
    {
        $districts = [];
        foreach (self::ABOUT as $name => [$frost, $wind]) {
            // The first land has the figures as they stand; in others each is a little off.
            $off = fn (string $what): int => $this->seed === 1 ? 0 : hexdec(hash('xxh32', "{$this->seed}|{$name}|{$what}")) % 5 - 2;
            $deep = max(0, $frost + 2 * $off('frost'));
            $districts[$name] = new District(
                $name, Length::inches($deep), Length::inches(max(self::LEAST, $deep)), (float) ($wind + $off('wind')),
                (float) (10 + $deep / 2 + 5 * abs($off('snow'))),
            );
        }

        return $districts;
    }
}
