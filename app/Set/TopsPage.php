<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Cut\TopNetwork;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Set\SpacingCheck;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Words\Speech;

/** Whether spacing and plumb agree, and where the tops stand. */
final readonly class TopsPage
{
    /** Null until lean and spacings say where the tops stand. */
    public ?TopNetwork $tops;

    /** @var list<SpacingCheck> */
    public array $spacings;

    /** @var list<SpacingCheck> those that disagree with the leans */
    public array $contradict;

    /** @var list<string> labels of the four corners; none where there are not four */
    public array $corners;

    private Plan $plan;

    public function __construct(SiteState $site)
    {
        $frame = new StandingFrame($site);
        $this->plan = $site->plan;
        [$this->tops, $this->spacings] = [$frame->tops(), $frame->spacings()];
        $this->contradict = array_values(array_filter($this->spacings, fn (SpacingCheck $check) => ! $check->agrees));
        $this->corners = array_map(fn (Post $post) => $post->label, $site->plan->corners());
    }

    /** @return list<array{Post, bool, Length, Length}> each post, whether its top is out, and how far off its place along both axes */
    public function rows(): array
    {
        $tops = $this->tops;

        return $tops === null ? [] : array_map(fn (Post $post) => [
            $post, in_array($post->id->value, $tops->out, true),
            Length::millimetres($tops->tops[$post->id->value]->x - $post->at->x->inMillimetres()),
            Length::millimetres($tops->tops[$post->id->value]->y - $post->at->y->inMillimetres()),
        ], $this->plan->grid->posts);
    }

    /** @return list<int> entries that can’t all be true */
    public function doubtful(): array
    {
        $mistakes = $this->tops?->mistakes;

        return array_map(
            TakenReadings::sequence(...), [...$mistakes->named ?? [], ...array_map(fn ($one) => $one->id, $mistakes->dropped ?? [])],
        );
    }

    /** The tops that are out, by their labels. */
    public function out(): string
    {
        return (string) (new Speech($this->plan))->list(...array_map($this->label(...), $this->tops->out ?? []));
    }

    public function label(string $id): string
    {
        return $this->plan->grid->find(PostId::of($id))->label ?? '?';
    }
}
