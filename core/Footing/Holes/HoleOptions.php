<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

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

    public function __construct(private Plan $plan, public HoleAsDug $hole)
    {
        $options = [];
        if (! $hole->deepEnough && $plan->holdOf($hole->required->post->id) === Hold::Driven) {
            $options = $this->driven();
        } elseif (! $hole->deepEnough) {
            $options = [$this->digOn(), ...($this->isInTheWay() ? [$this->shift($this->shape()->slack($plan->post, $plan->layout->cover)->slack)] : []), ...$this->forSoil(), $this->thinGravel(), $this->shorten(), $this->otherMethod()];
        } elseif ($hole->overDugBy->isPositive()) {
            $options = [
                new HoleOption('Fill up with gravel, tamped in layers', $hole->overDugBy, 'The foot stays where it was planned: nothing else changes.', true),
                new HoleOption('Make the pad thicker', $hole->required->need->pad->plus($hole->overDugBy), 'Concrete on clean ground; the foot stays where it was planned.', true),
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
            new HoleOption('Drive on, if it still moves', $this->hole->shortBy, 'A hand is kept off it; stop when ten blows bring less than a finger’s breadth.', true),
            new HoleOption('Pull it, drill the hole a little narrower than the post, and drive it again', null, 'It keeps its depth; the ground beside it must not be loosened.', true),
            $this->hole->required->need->role?->isNeverShortened()
                ? new HoleOption('Cut its top off', null, 'Never at a corner or an anchor: they need the whole depth.', false)
                : new HoleOption('Leave it and cut its top off', $this->hole->footRisesBy, 'So much less stands in the ground. It needs a decision with its reason.', true),
        ];
    }

    private function digOn(): HoleOption
    {
        $how = match ($this->hole->found) {
            Finding::Rock => 'Break the rock and dig on',
            Finding::Roots => 'Cut the roots clean and dig on',
            Finding::Water => 'Bail the water out and dig on',
            Finding::RunningSand => 'Sleeve the hole and dig on',
            default => 'Dig on',
        };

        return new HoleOption($how, $this->hole->shortBy, 'Then it is as planned: nothing else changes.', true);
    }

    private function isInTheWay(): bool
    {
        return $this->hole->found === Finding::Rock || $this->hole->found === Finding::Roots;
    }

    /** @param  Length  $slack  below zero where the hole is too narrow already */
    private function shift(Length $slack): HoleOption
    {
        return new HoleOption(
            'Shift the hole clear of it, keeping the post on its mark', $slack->isPositive() ? $slack : null,
            $slack->isPositive() ? 'So much room the hole leaves round the post and its cover; the post itself does not move.' : 'The hole leaves no room: the post fills it with its cover.', $slack->isPositive(),
        );
    }

    private function thinGravel(): HoleOption
    {
        $serves = $this->hole->serves();

        return new HoleOption('Thin the gravel', $this->hole->gravel, $serves
            ? "{$this->risen()} Every rule of depth still holds."
            : 'Even at its thinnest the bottom is not deep enough.', $serves);
    }

    private function shorten(): HoleOption
    {
        $need = $this->hole->required->need;
        if ($need->role?->isNeverShortened()) {
            return new HoleOption('Shorten the post', null, $need->role === PostRole::Corner ? 'Never at a corner: it carries the braces and the ends of two beams.' : 'Never at an anchor: what pulls at it needs the whole depth.', false);
        }
        $missing = array_values(array_filter(array_map($this->lacks(...), $need->feet())));
        $embedded = $need->finishedGrade->minus($this->hole->foot);
        if ($embedded->times(3)->isShorterThan($this->plan->standing)) {
            $missing[] = 'less than a quarter of the post stands in the ground';
        }

        return new HoleOption(
            'Shorten the post and take the hole as it is', $this->hole->footRisesBy,
            "{$this->risen()} ".($missing === [] ? 'Only the margin is given up.' : 'Then '.implode(', and ', $missing).'. Your local office must agree.').$this->fromTheTop().' It needs a decision with its reason.', true,
        );
    }

    /** Treated wood is shortened at its top: cut at its foot, bare wood would come to lie at the ground. */
    private function fromTheTop(): string
    {
        $holding = $this->plan->holding;
        $isTreated = $holding !== null && $holding->site->wood && $holding->customs->wood !== WoodCare::Nothing && $holding->of($this->hole->required->post->id)->isBuried();

        return $isTreated ? ' Cut it at the top: turned over, or cut at the foot, bare wood would stand in the ground.' : '';
    }

    /** What a rule misses with the foot where this hole puts it; null where it holds, was left aside, or only the margin is given up. */
    private function lacks(HighestFoot $allowed): ?string
    {
        $need = $this->hole->required->need;
        $margin = $allowed->rule === DepthRule::Frost ? $need->margin : Length::zero();
        $above = $this->hole->foot->minus($allowed->level)->minus($margin);
        if ($need->isWaived($allowed->rule) || ! $above->isPositive()) {
            return null;
        }
        $by = $this->plan->write($above);

        return match ($allowed->rule) {
            DepthRule::Frost => "the pad lies {$by} above the frost line",
            DepthRule::Embedment => "the post stands {$by} less deep than its least embedment",
            DepthRule::Sideways => "it stands {$by} less deep than its load from the side asks",
            DepthRule::MakerMinimum => "the maker’s minimum is missed by {$by}",
            DepthRule::LocalMinimum => "the local minimum is missed by {$by}",
            DepthRule::EmbedmentToday => "it stands {$by} too little in today’s ground",
            default => "it misses what its role asks by {$by}",
        };
    }

    private function risen(): string
    {
        return $this->hole->footRisesBy->isPositive() ? "The foot rises by {$this->plan->write($this->hole->footRisesBy)}, and the post is cut so much shorter at its foot." : 'The foot stays where it was planned.';
    }

    private function otherMethod(): HoleOption
    {
        return new HoleOption(
            $this->hole->found === Finding::Rock ? 'Pin a base to the rock' : 'Another footing', null,
            'Anchors, edge distance and frost under it are for a licensed engineer; record what was said as a decision.', true,
        );
    }

    /** @return list<HoleOption> */
    private function forFinding(): array
    {
        return match ($this->hole->found) {
            Finding::Water => [new HoleOption('Pump it dry before anything goes in, or pour through a pipe from the bottom up', null, 'Dry mix in standing water does not set as its bag says. A closed tube floats: hold it down.', true)],
            Finding::RunningSand => [new HoleOption('Put a tube or a barrel in while digging', null, 'Nobody reaches into a hole whose sides run. The wider hole takes more concrete: enter its width.', true)],
            Finding::SoftGround => [new HoleOption('Dig on to firm ground, or spread the load over a wider foot', null, 'Say which soil is at the bottom and the width is worked out anew.', true)],
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
        $words = "{$this->hole->soil->inWords()} is presumed to carry {$in->pressure($this->hole->soil->bearing())}, the {$assumed->inWords()} assumed {$in->pressure($assumed->bearing())}: so wide a foot carries the same load.";

        return [
            new HoleOption('Bell the foot out to', $foot, ucfirst($words).' The post, its depth and its length stay; the hole takes more concrete.', ! $this->shape()->isSquare),
            new HoleOption('Pour a wider pad, or widen the hole to', $foot, 'Enter the width with the hole, and bags and spoil follow.', true),
        ];
    }

    private function shape(): HoleShape
    {
        return $this->hole->width === null ? $this->plan->hole : $this->plan->hole->dugTo($this->hole->width);
    }
}
