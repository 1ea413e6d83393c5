<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\MeasureOnceMore;

final class MeasureOnceMoreWords
{
    public static function of(MeasureOnceMore $is): string
    {
        return match ($is) {
            MeasureOnceMore::BeforeTheFirstCut => 'Before the first cut: {route}. It catches {catches}.',
        };
    }
}
