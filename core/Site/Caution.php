<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** What can hurt somebody. Each stands beside the steps it belongs to, and only on jobs it can happen on. */
enum Caution: string
{
    case LocalCode = 'local-code';
    case Buried = 'buried';
    case Struck = 'struck';
    case Overhead = 'overhead';
    case Roadside = 'roadside';
    case Stakes = 'stakes';
    case Weather = 'weather';
    case Beam = 'beam';
    case Frost = 'frost';
    case Holes = 'holes';
    case Auger = 'auger';
    case Tractor = 'tractor';
    case Lowering = 'lowering';
    case Lifting = 'lifting';
    case Unbraced = 'unbraced';
    case Straps = 'straps';
    case Props = 'props';
    case Driving = 'driving';
    case Cement = 'cement';
    case Foam = 'foam';
    case Drilling = 'drilling';
    case Wall = 'wall';
    case Cure = 'cure';
    case Saw = 'saw';
    case Ladder = 'ladder';
    case Fire = 'fire';
    case Garden = 'garden';
    case Fasteners = 'fasteners';
    case Uplift = 'uplift';
    case Play = 'play';
    case Swings = 'swings';
    case Thrown = 'thrown';
    case Carries = 'carries';
    case Hung = 'hung';

    /**
     * The cautions beside a step, the gravest first.
     *
     * @param  ?Post  $post  at which the step is taken; null for the whole job, where every way of holding that is used counts
     * @param  ?Hold  $way  of holding that is weighed, where it is not the one decided
     * @return list<self>
     */
    public static function at(Step $step, Plan $plan, ?Post $post = null, ?Hold $way = null): array
    {
        $ways = match (true) {
            $way !== null => [$way],
            $post !== null => [$plan->holdOf($post->id)],
            $step === Step::Piers => [Hold::Pier],
            $step === Step::ChoosingHold => [...($plan->holding?->ways() ?? []), Hold::Foam, Hold::Driven],
            default => $plan->holding?->ways() ?? [Hold::usualFor($plan->work->lasting, $plan->kind->standsOnPiers())],
        };

        return array_values(array_filter(self::beside($step), fn (self $caution) => $caution->concerns($plan, $ways)));
    }

    /** @return list<self> all that may belong to a step, whatever is built */
    private static function beside(Step $step): array
    {
        return match ($step) {
            Step::Planning => [self::LocalCode, self::Carries, self::Play, self::Swings, self::Roadside, self::Wall],
            Step::Clearing => [self::Buried, self::Struck, self::Overhead, self::Roadside, self::Thrown],
            Step::Squaring => [self::Stakes, self::Roadside, self::Weather],
            Step::Levelling => [self::Beam, self::Holes, self::Weather],
            Step::ChoosingDepths => [self::Frost, self::Holes, self::Auger, self::Tractor],
            Step::ChoosingHold => [self::Uplift, self::Roadside, self::Foam, self::Driving, self::Fire, self::Garden, self::Fasteners],
            Step::Piers => [self::Lowering, self::Cement, self::Drilling, self::Cure],
            Step::Loads => [self::Uplift, self::Swings, self::Wall, self::Props],
            Step::Materials => [self::Cement, self::Foam, self::Lowering, self::Fasteners],
            Step::Digging => [self::Carries, self::Holes, self::Auger, self::Tractor, self::Weather],
            Step::Setting => [
                self::Carries, self::Lifting, self::Lowering, self::Unbraced, self::Props, self::Driving, self::Cement, self::Foam, self::Roadside,
                self::Weather,
            ],
            Step::Standing => [self::Hung, self::Unbraced, self::Straps, self::Cement, self::Foam, self::Driving],
            Step::Stopping => [self::Holes, self::Unbraced, self::Weather],
            Step::Cutting => [
                self::Saw, self::Ladder, self::Unbraced, self::Cure, self::Props, self::Drilling, self::Garden, self::Fire, self::Fasteners,
                self::Swings, self::Hung,
            ],
        };
    }

    /** @param  list<Hold>  $ways  in which posts are held */
    private function concerns(Plan $plan, array $ways): bool
    {
        $customs = $plan->holding?->customs;
        $holds = fn (Hold $way) => in_array($way, $ways, true);
        $any = fn (callable $is) => array_filter($ways, $is) !== [];
        $bed = fn (Hold $way) => ($customs->foot ?? FootBed::Usual)->under($way);

        return match ($this) {
            self::Roadside => in_array($plan->kind, [JobKind::LetterBox, JobKind::FenceLine], true),
            self::Play, self::Thrown => $plan->kind === JobKind::PlayStructure,
            self::Swings => in_array($plan->kind, [JobKind::PlayStructure, JobKind::Pergola, JobKind::CarryingPair, JobKind::Other], true),
            self::Carries => $plan->kind === JobKind::SocketRepair,
            self::Hung => in_array($plan->kind, [JobKind::CourtHoop, JobKind::CarryingPair, JobKind::PlayStructure], true),
            self::Wall => array_filter($plan->fixedLines(), fn (FixedLine $line) => $line->kind === FixedKind::Wall) !== [],
            self::Auger, self::Tractor, self::Holes => $any(fn (Hold $way) => $way->isDug()),
            self::Cement => $any(fn (Hold $way) => $way->takesCement() || ($way->hasPad() && $bed($way) === FootBed::Pad)),
            self::Foam => $holds(Hold::Foam),
            self::Driving => $holds(Hold::Driven),
            self::Drilling => $holds(Hold::Pier),
            self::Cure => $any(fn (Hold $way) => $way->isPoured()),
            self::Lowering => $any(fn (Hold $way) => $way->isDug() && ($way !== Hold::Concrete || $bed($way) === FootBed::Block)),
            self::Props => in_array($customs?->build, [BuildOrder::BeamsFirst, BuildOrder::FramesTilted], true),
            self::Fire => in_array($customs?->wood, [WoodCare::Charred, WoodCare::Brushed], true),
            self::Garden => $any(fn (Hold $way) => $way->hasPad()) && in_array(
                $customs->wood ?? WoodCare::Factory, [WoodCare::Factory, WoodCare::Brushed], true,
            ),
            default => true,
        };
    }
}
