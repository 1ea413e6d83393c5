<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;

/** The direction that belongs to a figure. Nothing is chosen before somebody reads it. */
final readonly class RoundChoice
{
    /** @param  array<string, string>  $options  in words, by what is sent */
    public function __construct(public string $field, public string $label, public array $options, public string $chosen = '')
    {
    }

    /**
     * @param  list<Side>  $sides
     * @return array<string, string> options
     */
    public static function sides(SideNames $names, array $sides, string $before = ''): array
    {
        return array_combine(array_map(fn (Side $side) => $side->value, $sides), array_map(fn (Side $side) => $before.$names->of($side), $sides));
    }
}
