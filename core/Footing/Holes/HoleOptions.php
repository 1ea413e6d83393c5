<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Fact\Fact;
use Aequus\Footing\Depths\DepthRule;
use Aequus\Footing\Depths\HighestFoot;
use Aequus\Logbook\Footing\Finding;
use Aequus\Measure\Length;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostRole;

/** What can be done about a hole that stops short, is dug too deep, or met something: in the order in which a builder should try it. */
final readonly class HoleOptions
{
    /** @var list<HoleOption> none where the hole is as it should be */
    public array $options;

    /** @param  ?int  $left  posts that may still be shortened by the maker’s sheet; null where it says nothing */
    public function __construct(private Plan $plan, public HoleAsDug $hole, private ?int $left = null)
    {
        $options = [];
        if (! $hole->deepEnough && $plan->holdOf($hole->required->post->id) === Hold::Driven) {
            $options = $this->driven();
        } elseif (! $hole->deepEnough) {
            $options = [
                $this->digOn(),
                ...($this->isInTheWay() ? [$this->shift(
                    $this->shape()->slack($plan->sectionOf($hole->required->post), $plan->layout->cover)->slack,
                )] : []),
                ...$this->forSoil(), $this->thinGravel(), $this->shorten(), $this->otherMethod(),
            ];
        } elseif ($hole->overDugBy->isPositive()) {
            $options = [
                new HoleOption(Fact::of(HoleRemedy::FillUpWithGravel), $hole->overDugBy, [Fact::of(HoleEffect::NothingElseChanges)], true),
                new HoleOption(
                    Fact::of(HoleRemedy::ThickerPad), $hole->required->need->pad->plus($hole->overDugBy), [Fact::of(HoleEffect::ConcreteOnCleanGround)],
                    true,
                ),
                ...$this->forSoil(),
            ];
        } else {
            $options = $this->forSoil();
        }
        $this->options = [...$options, ...$this->forFinding()];
    }

    /** @return list<HoleOption> for a post that goes no deeper */
    private function driven(): array
    {
        return [
            new HoleOption(Fact::of(HoleRemedy::DriveOn), $this->hole->shortBy, [Fact::of(HoleEffect::StopAtTenBlows)], true),
            new HoleOption(Fact::of(HoleRemedy::TurnIt), null, [Fact::of(HoleEffect::PastTheStone)], true),
            new HoleOption(Fact::of(HoleRemedy::PullAndDrill), null, [Fact::of(HoleEffect::KeepsItsDepth)], true),
            new HoleOption(Fact::of(HoleRemedy::DigOutAndFill), null, [Fact::of(HoleEffect::FilledInLifts)], true),
            ...$this->shortened(),
        ];
    }

    /** @return list<HoleOption> what shortens it, at its foot or at its top, where that may be */
    private function shortened(): array
    {
        if ($this->left !== null && $this->left < 1) {
            return [new HoleOption(Fact::of(HoleRemedy::CutItsTop), null, [Fact::of(HoleEffect::NoneLeftToShorten)], false)];
        }
        $left = $this->left === null ? [] : [Fact::of(HoleEffect::LeftToShorten, count: $this->left)];

        return $this->hole->required->need->role?->isNeverShortened() ? [
            new HoleOption(Fact::of(HoleRemedy::CutItsTop), null, [Fact::of(HoleEffect::NeverAtCornerOrAnchor)], false),
        ] : [
            new HoleOption(Fact::of(HoleRemedy::CutItsFoot), $this->hole->footRisesBy, [Fact::of(HoleEffect::HolesStayOnTheString), ...$left], true),
            new HoleOption(Fact::of(HoleRemedy::LeaveAndCutItsTop), $this->hole->footRisesBy, [
                Fact::of(HoleEffect::SoMuchLessStands), Fact::of(HoleEffect::DrillAnewAtTheString, lower: $this->hole->footRisesBy), ...$left,
            ], true),
        ];
    }

    private function digOn(): HoleOption
    {
        $how = match ($this->hole->found) {
            Finding::Rock => HoleRemedy::BreakTheRock,
            Finding::Roots => HoleRemedy::CutTheRoots,
            Finding::Water => HoleRemedy::BailTheWater,
            Finding::RunningSand => HoleRemedy::SleeveTheHole,
            default => HoleRemedy::DigOn,
        };

        return new HoleOption(Fact::of($how), $this->hole->shortBy, [Fact::of(HoleEffect::AsPlannedThen)], true);
    }

    private function isInTheWay(): bool
    {
        return $this->hole->found === Finding::Rock || $this->hole->found === Finding::Roots;
    }

    /** @param  Length  $slack  below zero where the hole is too narrow already */
    private function shift(Length $slack): HoleOption
    {
        return new HoleOption(
            Fact::of(HoleRemedy::ShiftTheHole), $slack->isPositive() ? $slack : null,
            [$slack->isPositive() ? Fact::of(HoleEffect::RoomLeft) : Fact::of(HoleEffect::NoRoomLeft)], $slack->isPositive(),
        );
    }

    private function thinGravel(): HoleOption
    {
        $serves = $this->hole->serves();

        return new HoleOption(
            Fact::of(HoleRemedy::ThinTheGravel), $this->hole->gravel,
            $serves ? [$this->risen(), Fact::of(HoleEffect::EveryRuleHolds)] : [Fact::of(HoleEffect::ThinnestIsTooHigh)], $serves,
        );
    }

    private function shorten(): HoleOption
    {
        $need = $this->hole->required->need;
        if ($need->role?->isNeverShortened()) {
            return new HoleOption(
                Fact::of(HoleRemedy::Shorten), null,
                [Fact::of($need->role === PostRole::Corner ? HoleEffect::NeverAtACorner : HoleEffect::NeverAtAnAnchor)], false,
            );
        }
        $missing = array_values(array_filter(array_map($this->lacks(...), $need->feet())));
        $embedded = $need->finishedGrade->minus($this->hole->foot);
        if ($embedded->times(3)->isShorterThan($this->plan->standing)) {
            $missing[] = Fact::of(HoleEffect::LessThanAQuarter);
        }

        $fromTheTop = $this->fromTheTop();

        return new HoleOption(
            Fact::of(HoleRemedy::ShortenAndTake), $this->hole->footRisesBy,
            [
                $this->risen($fromTheTop !== []),
                $missing === [] ? Fact::of(HoleEffect::OnlyTheMargin) : Fact::of(HoleEffect::Then, missing: $missing),
                ...$fromTheTop, Fact::of(HoleEffect::NeedsADecision),
            ], true,
        );
    }

    /** @return list<Fact> treated wood is shortened at its top: cut at its foot, bare wood would come to lie at the ground */
    private function fromTheTop(): array
    {
        $holding = $this->plan->holding;
        $isTreated = $holding !== null && $holding->site->wood && $holding->customs->wood !== WoodCare::Nothing
            && $holding->holdOf($this->hole->required->post->id)->isBuried();

        return $isTreated ? [Fact::of(HoleEffect::CutAtTheTop)] : [];
    }

    /** What a rule misses with the foot where this hole puts it; null where it holds, was left aside, or only the margin is given up. */
    private function lacks(HighestFoot $allowed): ?Fact
    {
        $need = $this->hole->required->need;
        $margin = $allowed->rule === DepthRule::Frost ? $need->margin : Length::zero();
        $above = $this->hole->foot->minus($allowed->level)->minus($margin);
        if ($need->isWaived($allowed->rule) || ! $above->isPositive()) {
            return null;
        }

        return Fact::of(match ($allowed->rule) {
            DepthRule::Frost => HoleEffect::AboveTheFrostLine,
            DepthRule::Embedment => HoleEffect::BelowEmbedment,
            DepthRule::Sideways => HoleEffect::BelowSideways,
            DepthRule::MakerMinimum => HoleEffect::BelowMaker,
            DepthRule::Thing => HoleEffect::BelowThing,
            DepthRule::LocalMinimum => HoleEffect::BelowLocal,
            DepthRule::EmbedmentToday => HoleEffect::BelowToday,
            default => HoleEffect::BelowRole,
        }, by: $above);
    }

    /** @param  bool  $fromTheTop  whether the post must be cut there */
    private function risen(bool $fromTheTop = false): Fact
    {
        return $this->hole->footRisesBy->isPositive()
            ? Fact::of($fromTheTop ? HoleEffect::FootRisesUncut : HoleEffect::FootRises, by: $this->hole->footRisesBy)
                : Fact::of(HoleEffect::FootStays);
    }

    private function otherMethod(): HoleOption
    {
        return new HoleOption(
            Fact::of($this->hole->found === Finding::Rock ? HoleRemedy::PinToTheRock : HoleRemedy::AnotherFooting), null,
            [Fact::of(HoleEffect::ForAnEngineer)], true,
        );
    }

    /** @return list<HoleOption> */
    private function forFinding(): array
    {
        return match ($this->hole->found) {
            Finding::Water => [new HoleOption(Fact::of(HoleRemedy::PumpDry), null, [Fact::of(HoleEffect::DryMixInWater)], true)],
            Finding::RunningSand => [new HoleOption(Fact::of(HoleRemedy::TubeWhileDigging), null, [Fact::of(HoleEffect::SidesRun)], true)],
            Finding::SoftGround => [new HoleOption(Fact::of(HoleRemedy::DigToFirmGround), null, [Fact::of(HoleEffect::SayWhichSoil)], true)],
            default => [],
        };
    }

    /**
     * A softer soil carries the same load on a wider foot: wider by the root of what the assumed one carries over what this one does.
     *
     * @return list<HoleOption>
     */
    private function forSoil(): array
    {
        $assumed = $this->plan->holding?->site->soil;
        if ($assumed === null || ! $this->hole->soil?->isSofterThan($assumed)) {
            return [];
        }
        $foot = $this->shape()->foot()->times(sqrt($assumed->bearing() / $this->hole->soil->bearing()));
        $in = new LoadNotation($this->plan->notation->unit);
        $carries = Fact::of(
            HoleEffect::SoilCarries, found: $this->hole->soil, carries: $in->pressure($this->hole->soil->bearing()), assumed: $assumed,
            more: $in->pressure($assumed->bearing()),
        );

        return [
            new HoleOption(Fact::of(HoleRemedy::BellOut), $foot, [$carries, Fact::of(HoleEffect::PostStays)], ! $this->shape()->isSquare),
            new HoleOption(Fact::of(HoleRemedy::WiderPad), $foot, [Fact::of(HoleEffect::BagsFollow)], true),
        ];
    }

    private function shape(): HoleShape
    {
        return $this->hole->width === null ? $this->plan->hole : $this->plan->hole->dugTo($this->hole->width);
    }
}
