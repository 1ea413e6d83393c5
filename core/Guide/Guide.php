<?php

declare(strict_types=1);

namespace Aequus\Guide;

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
            new KeepToTheSite,
            new ConfirmFarReadings,
            new PullAgain,
            new PullTapes,
            new SetBoards,
            new SettleLines,
            new SettleContradiction,
            new StraightenLayout,
            new TellStakes,
            new ChooseBenchmark,
            new SettleHeights,
            new ReadGround,
            new DecideFooting,
            new CheckGround,
            new WaitForMarks,
            new DeepenShortHoles,
            new WeighHoldingAgain,
            new DigHoles,
            new CutBeforeStanding,
            new SetPosts,
            new ReadPlumb,
            new PullTops,
            new SeeToThePour,
            new FillPosts,
            new DecideTops,
            new MeasureTops,
            new FaceShortPosts,
            new MeasureOnceMore,
            new CutPosts,
            new HandOver,
        ];
    }

    /**
     * What every reason asks for now, each its most pressing move, the next move first.
     *
     * @return list<Move>
     */
    public static function open(SiteState $site): array
    {
        $open = [];
        foreach (self::rules() as $rule) {
            foreach ($rule->moves($site) as $move) {
                $open[] = $move;

                break;
            }
        }

        return $open;
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
