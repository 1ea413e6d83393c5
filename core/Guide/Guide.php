<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Days\Task;
use Aequus\Guide\Clear\AskForMarks;
use Aequus\Guide\Clear\KeepClearOfServices;
use Aequus\Guide\Clear\WaitForMarks;
use Aequus\Guide\Clear\WaitForOthers;
use Aequus\Guide\Cut\BuildFrame;
use Aequus\Guide\Cut\CutBeforeStanding;
use Aequus\Guide\Cut\CutPosts;
use Aequus\Guide\Cut\DecideTops;
use Aequus\Guide\Cut\FaceShortPosts;
use Aequus\Guide\Cut\MeasureOnceMore;
use Aequus\Guide\Cut\MeasureTops;
use Aequus\Guide\Footing\DecideFooting;
use Aequus\Guide\Footing\DeepenShortHoles;
use Aequus\Guide\Footing\DigHoles;
use Aequus\Guide\Footing\WeighHoldingAgain;
use Aequus\Guide\Handover\HandOver;
use Aequus\Guide\Level\CheckGround;
use Aequus\Guide\Level\ChooseBenchmark;
use Aequus\Guide\Level\ReadGround;
use Aequus\Guide\Level\SettleHeights;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Plan\KeepBracesOut;
use Aequus\Guide\Plan\KeepToTheSite;
use Aequus\Guide\Set\FillPosts;
use Aequus\Guide\Set\KeepFaceInItsBand;
use Aequus\Guide\Set\KeepTopInItsBand;
use Aequus\Guide\Set\LeavePiersAlone;
use Aequus\Guide\Set\PullTops;
use Aequus\Guide\Set\ReadPlumb;
use Aequus\Guide\Set\SeeToThePour;
use Aequus\Guide\Set\SetPosts;
use Aequus\Guide\Set\SettleFoot;
use Aequus\Guide\Set\TakeBracesOff;
use Aequus\Guide\Square\ConfirmFarReadings;
use Aequus\Guide\Square\PullTapes;
use Aequus\Guide\Square\ReadAgain;
use Aequus\Guide\Square\SetBoards;
use Aequus\Guide\Square\SettleContradiction;
use Aequus\Guide\Square\SettleLines;
use Aequus\Guide\Square\StraightenLayout;
use Aequus\Guide\Square\TellStakes;
use Aequus\Site\SiteState;
use Closure;

/** Names the next move: the first that any rule asks for, safety before order of work. */
final class Guide
{
    /** @return list<Closure(SiteState): iterable<Move>> in the order they are asked */
    public static function rules(): array
    {
        return [
            AskForMarks::moves(...),
            KeepClearOfServices::moves(...),
            KeepToTheSite::moves(...),
            KeepBracesOut::moves(...),
            ConfirmFarReadings::moves(...),
            ReadAgain::moves(...),
            PullTapes::moves(...),
            SetBoards::moves(...),
            SettleLines::moves(...),
            SettleContradiction::moves(...),
            StraightenLayout::moves(...),
            TellStakes::moves(...),
            ChooseBenchmark::moves(...),
            SettleHeights::moves(...),
            ReadGround::moves(...),
            DecideFooting::moves(...),
            CheckGround::moves(...),
            KeepFaceInItsBand::moves(...),
            WaitForMarks::moves(...),
            WaitForOthers::before(Task::Dig),
            DeepenShortHoles::moves(...),
            WeighHoldingAgain::moves(...),
            DigHoles::moves(...),
            WaitForOthers::before(Task::SetPosts),
            CutBeforeStanding::moves(...),
            SetPosts::moves(...),
            SettleFoot::moves(...),
            KeepTopInItsBand::moves(...),
            ReadPlumb::moves(...),
            PullTops::moves(...),
            WaitForOthers::before(Task::Fill),
            SeeToThePour::moves(...),
            FillPosts::moves(...),
            LeavePiersAlone::moves(...),
            DecideTops::moves(...),
            MeasureTops::moves(...),
            FaceShortPosts::moves(...),
            MeasureOnceMore::moves(...),
            CutPosts::moves(...),
            TakeBracesOff::moves(...),
            WaitForOthers::before(Task::BuildFrame),
            BuildFrame::moves(...),
            HandOver::moves(...),
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
        foreach (self::rules() as $moves) {
            foreach ($moves($site) as $move) {
                $open[] = $move;

                break;
            }
        }

        return $open;
    }

    /** @return list<Move> what is asked for as that move is, and for the same reason, in the order of the work; no more than so many */
    public static function alike(SiteState $site, Move $move, int $most): array
    {
        foreach (self::rules() as $moves) {
            $alike = [];
            foreach ($moves($site) as $one) {
                if ($one->phase === $move->phase && array_push($alike, $one) === $most) {
                    break;
                }
            }
            if (array_filter($alike, fn (Move $one) => $one->do->is === $move->do->is) !== []) {
                return $alike;
            }
        }

        return [];
    }

    /** Null when nothing is left to do in that scope. */
    public static function next(SiteState $site, Scope $scope): ?Move
    {
        foreach (self::rules() as $moves) {
            foreach ($moves($site) as $move) {
                if ($scope->covers($move)) {
                    return $move;
                }
            }
        }

        return null;
    }
}
