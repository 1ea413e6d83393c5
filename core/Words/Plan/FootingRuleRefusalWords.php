<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Terms\FootingRuleRefusal;

/** What was wrong, where, and what to enter instead. */
final class FootingRuleRefusalWords
{
    public static function of(FootingRuleRefusal $is): string
    {
        return match ($is) {
            FootingRuleRefusal::FrostBelowZero => 'The frost depth can’t be below zero. Enter 0 where there is none.',
            FootingRuleRefusal::MarginBelowZero => 'The margin can’t be below zero. Enter 0 where there is none.',
            FootingRuleRefusal::PadBelowZero => 'The pad can’t be below zero. Enter 0 where there is none.',
            FootingRuleRefusal::GravelBelowZero => 'The gravel can’t be below zero. Enter 0 where there is none.',
            FootingRuleRefusal::LeastGravelBelowZero => 'The least gravel can’t be below zero. Enter 0 where there is none.',
            FootingRuleRefusal::LeastBelowZero => 'A least depth can’t be below zero. Leave it empty where there is no such rule.',
            FootingRuleRefusal::EmbedmentBelowZero => 'The least embedment can’t be below zero. Enter 0 where no rule asks for one.',
            FootingRuleRefusal::ShareOutOfRange => 'The share in the ground lies between 0 and 1, such as 1/3 or 0.33.',
            FootingRuleRefusal::LeastGravelAbovePlanned => 'The least gravel is more than the gravel planned. Enter the same or less.',
            FootingRuleRefusal::FrostBeyondReach => 'A frost depth of more than 12 ft (3657 mm) is beyond any auger and this tool. Check '
                .'the unit, or ask an engineer.',
            FootingRuleRefusal::NoShare => '“{typed}” is not a share. Enter 1/3, 30 % or 0.3.',
        };
    }
}
