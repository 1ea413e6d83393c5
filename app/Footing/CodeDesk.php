<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Measure\Length;

/** A small stand-in for a look-up of local frost depths. Every place in it is made up. */
final class CodeDesk
{
    private const INCHES = ['Tarn Hollow' => 40, 'Upper Withy' => 48, 'Marrow Fen' => 30, 'Saltmarsh End' => 12, 'Cold Ladle' => 60];

    /** @return array<string, Length> by place */
    public static function places(): array
    {
        return array_map(Length::inches(...), self::INCHES);
    }
}
