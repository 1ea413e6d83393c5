<?php

declare(strict_types=1);

namespace Aequus\Words\Site;

use Aequus\Site\RuleAsks;

/** What a rule asks of a post, as a line of the record names it. */
final class RuleWords
{
    public static function of(RuleAsks $is): string
    {
        return match ($is) {
            RuleAsks::Face => 'Face off {line}, {least} to {most}',
            RuleAsks::Top => 'Height over {line}, {least} to {most}',
            RuleAsks::Foot => 'Foot of {post} by its line, {least} deep at least',
            RuleAsks::Distance => '{post} off {line}, {least} at least',
        };
    }
}
