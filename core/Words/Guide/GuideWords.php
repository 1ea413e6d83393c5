<?php

declare(strict_types=1);

namespace Aequus\Words\Guide;

use Aequus\Guide\Move\Says;
use LogicException;

/** The words of each rule of the guide stand in a class of its name, in a room of its room's name. */
final class GuideWords
{
    private const RULES = 'Aequus\\Guide\\';

    /** @throws LogicException where nobody wrote them */
    public static function of(Says $is): string
    {
        $words = [__NAMESPACE__.'\\'.substr($is::class, strlen(self::RULES)).'Words', 'of'];
        $text = is_callable($words) ? $words($is) : null;

        return is_string($text) ? $text : throw new LogicException('Nobody has words for '.$is::class.'.');
    }
}
