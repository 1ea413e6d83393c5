<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;

/** What stands on the posts of each kind of job where nobody said otherwise, in goods of the trade that measures so. No size of it is checked. */
final class UsualFrame
{
    /** As decided, else as usual; without layers where nothing usual stands on such posts. */
    public static function orDecided(Plan $plan): FrameRules
    {
        return $plan->frame ?? self::of($plan->kind, $plan->notation, $plan->post->thicker()) ?? new FrameRules([]);
    }

    /** The same of a further part: rails on a row of a fence, the frame of the job’s kind on a grid, nothing on other posts. */
    public static function ofPart(Plan $plan, Part $part): FrameRules
    {
        return $plan->partFrames[$part->id] ?? match (true) {
            $part->kind === PartKind::Grid || ($part->kind === PartKind::Row && $plan->kind === JobKind::FenceLine) => self::of(
                $plan->kind, $plan->notation, $plan->post->thicker(),
            ),
            default => null,
        } ?? new FrameRules([]);
    }

    /**
     * What is usual on the posts of such a job; null where nothing lies on them, or a maker’s sheet says what. A floor ends flush with the outer
     * faces of its posts, as the plan has room for it.
     *
     * @param  Length  $post  how thick a post is
     */
    public static function of(JobKind $kind, Notation $notation, Length $post): ?FrameRules
    {
        $kinds = match ($kind) {
            JobKind::Deck, JobKind::Boardwalk => [LayerKind::Beam, LayerKind::Joist, LayerKind::Rim, LayerKind::Blocking, LayerKind::Board],
            JobKind::PlayStructure => [LayerKind::Beam, LayerKind::Joist, LayerKind::Board],
            JobKind::Pergola => [LayerKind::Beam, LayerKind::Ledger, LayerKind::Joist, LayerKind::Brace],
            JobKind::PoleBuilding => [LayerKind::Beam, LayerKind::Joist, LayerKind::Purlin, LayerKind::Sheet, LayerKind::Brace],
            JobKind::FenceLine => [LayerKind::Rail],
            JobKind::CarryingPair, JobKind::Gateway => [LayerKind::Beam],
            JobKind::Other => [LayerKind::Beam, LayerKind::Joist],
            JobKind::LetterBox, JobKind::CourtHoop, JobKind::DrivenPosts, JobKind::SocketRepair => [],
        };

        if ($kinds === []) {
            return null;
        }
        $rules = new FrameRules(array_map(fn (LayerKind $layer) => self::layer($layer, $notation), $kinds));
        if (! $kind->carriesPeople()) {
            return $rules;
        }
        $rim = $rules->layer(LayerKind::Rim)->thick ?? Length::zero();
        foreach ([
            [LayerKind::Beam, $post->half()], [LayerKind::Joist, $post->half()->minus($rim)], [LayerKind::Board, Length::zero()],
        ] as [$flush, $past]) {
            $layer = $rules->layer($flush);
            $rules = $layer === null ? $rules : $rules->with($layer->standingOver($past->isNegative() ? Length::zero() : $past));
        }

        return $rules;
    }

    /** One layer in goods of the trade that measures so. */
    public static function layer(LayerKind $kind, Notation $notation): Layer
    {
        $of = $notation->system()->sold(...);
        [$thick, $joist] = [$of(45, 1.5), $of(145, 5.5)];

        return match ($kind) {
            LayerKind::Beam => new Layer($kind, $thick, $of(195, 9.25), 2, past: $of(300, 12)),
            LayerKind::Ledger => new Layer($kind, $thick, $of(195, 9.25)),
            LayerKind::Joist => new Layer($kind, $thick, $joist, apart: $of(600, 24), past: $of(300, 12)),
            LayerKind::Rim, LayerKind::Blocking => new Layer($kind, $thick, $joist, fixings: 3),
            LayerKind::Purlin => new Layer($kind, $of(70, 3.5), $thick, apart: $of(600, 24), past: Length::zero(), fixings: 1),
            LayerKind::Board => new Layer($kind, $of(145, 5.5), $of(28, 1), past: $of(25, 1), gap: $of(5, 0.1875)),
            LayerKind::Sheet => new Layer($kind, $of(1000, 36), $of(1, 0.0625), past: $of(50, 2), fixings: 4),
            LayerKind::Brace => new Layer($kind, $of(70, 3.5), $of(70, 3.5), apart: $of(600, 24)),
            LayerKind::Panel => new Layer($kind, $of(40, 1.5), $of(1800, 72), gap: $of(10, 0.5)),
            LayerKind::Rail => new Layer($kind, $of(35, 1.5), $of(95, 3.5), 2),
        };
    }
}
