<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Guide\Rules\AskForMarks;
use Aequus\Guide\Rules\ChooseBenchmark;
use Aequus\Guide\Rules\CutPosts;
use Aequus\Guide\Rules\DecideFooting;
use Aequus\Guide\Rules\DecideTops;
use Aequus\Guide\Rules\DeepenShortHoles;
use Aequus\Guide\Rules\DigHoles;
use Aequus\Guide\Rules\FaceShortPosts;
use Aequus\Guide\Rules\HandOver;
use Aequus\Guide\Rules\KeepClearOfServices;
use Aequus\Guide\Rules\MeasureTops;
use Aequus\Guide\Rules\PullTapes;
use Aequus\Guide\Rules\PullTops;
use Aequus\Guide\Rules\ReadGround;
use Aequus\Guide\Rules\ReadPlumb;
use Aequus\Guide\Rules\SetPosts;
use Aequus\Guide\Rules\SettleContradiction;
use Aequus\Guide\Rules\StraightenLayout;
use Aequus\Guide\Rules\WaitForMarks;
use Aequus\Site\SiteState;

/** Names the next move: the first that any rule asks for, safety before order of work. */
final class Guide
{
    /** @return list<Rule> in the order they are asked */
    public static function rules(): array
    {
        return [
            new AskForMarks,
            new KeepClearOfServices,
            new SettleContradiction,
            new PullTapes,
            new StraightenLayout,
            new ChooseBenchmark,
            new ReadGround,
            new DecideFooting,
            new WaitForMarks,
            new DeepenShortHoles,
            new DigHoles,
            new SetPosts,
            new ReadPlumb,
            new PullTops,
            new DecideTops,
            new MeasureTops,
            new FaceShortPosts,
            new CutPosts,
            new HandOver,
        ];
    }

    /** Null when nothing is left to do in that scope. */
    public static function next(SiteState $site, Scope $scope): ?Move
    {
        foreach (self::rules() as $rule) {
            foreach ($rule->moves($site) as $move) {
                if ($scope->covers($move)) {
                    return $move;
                }
            }
        }

        return null;
    }
}
