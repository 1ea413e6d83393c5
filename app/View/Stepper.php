<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Guide\Cut\FaceShortPosts;
use Aequus\Guide\Footing\DeepenShortHoles;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Set\PullTops;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;
use Aequus\Words\Handover\HandoverWords;
use App\Site\JobSite;

/** The string through the job: where each phase stands. */
final readonly class Stepper
{
    /** @var list<StepperStake> */
    public array $stakes;

    public function __construct(public JobSite $site, public ?Phase $shown)
    {
        $now = $site->next->phase ?? null;
        $passed = true;
        $stakes = [];
        foreach (Phase::cases() as $phase) {
            $left = $site->nextIn($phase);
            $passed = $passed && $phase !== $now;
            $stakes[] = new StepperStake($phase, $this->standing($phase, $left, $now), $passed, $phase === $shown);
        }
        $this->stakes = $stakes;
    }

    private function standing(Phase $phase, ?Move $left, ?Phase $now): StepperStanding
    {
        return match (true) {
            $this->somethingIsOut($phase) => StepperStanding::Out,
            $phase === $now => StepperStanding::Now,
            $left === null && $this->isComplete($phase) => StepperStanding::Done,
            default => StepperStanding::Open,
        };
    }

    /** Nothing left to do may also mean that nothing could be begun. */
    private function isComplete(Phase $phase): bool
    {
        $state = $this->site->state;
        $every = fn (callable $holds): bool => count(array_filter($this->site->plan->grid->posts, $holds)) === count($this->site->plan->grid->posts);

        return match ($phase) {
            // Filled posts are not asked for any more; that nobody proved where they stand stays so.
            Phase::Square => $state->readingsLacking() === 0,
            Phase::Footing => $every(fn (Post $post) => $state->footing->asDug($post) !== null),
            Phase::Set => $every(fn (Post $post) => $state->standing($post)->set),
            Phase::Cut => $every(fn (Post $post) => $state->cut->isCut($post) || $state->decided(DecisionAbout::AcceptShortPost, $post) !== null),
            default => true,
        };
    }

    private function somethingIsOut(Phase $phase): bool
    {
        $state = $this->site->state;

        return match ($phase) {
            Phase::Clear => $this->site->nextIn($phase)?->posts !== null && $this->site->nextIn($phase)->posts !== [],
            Phase::Square => $state->decided(DecisionAbout::AcceptOutline) === null
                && ($state->square->verdict()->isTrouble() || $state->square->toReadAgain() !== []),
            Phase::Footing => $this->site->nextIn($phase)?->is(DeepenShortHoles::DigDeeper) ?? false,
            Phase::Set => $this->site->nextIn($phase)?->is(PullTops::PullTop) ?? false,
            Phase::Handover => HandoverWords::besides($state) !== null,
            Phase::Cut => $state->cut->short() !== [] && ($this->site->nextIn($phase)?->is(FaceShortPosts::FaceShortPost) ?? false),
            default => false,
        };
    }
}
