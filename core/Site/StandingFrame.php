<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Network\Station;
use Aequus\Cut\TopLean;
use Aequus\Cut\TopNetwork;
use Aequus\Handover\RowLine;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Set\Drifts;
use Aequus\Set\Filling;
use Aequus\Set\SpacingCheck;
use Aequus\Square\Network\PlanNetwork;

/** What the standing posts say together: what filling does to them, whether spacing and plumb agree, and where their tops stand. */
final readonly class StandingFrame
{
    public function __construct(private SiteState $site)
    {
    }

    /** What filling did to the posts filled so far. */
    public function drifts(): Drifts
    {
        return new Drifts(ByPost::each($this->site->plan->grid->posts, fn (Post $post) => $this->site->standing($post)->drift()));
    }

    /** @return list<SpacingCheck> of every pair taped at the tops and at the ground, both ends read for plumb */
    public function spacings(): array
    {
        $read = [];
        foreach ($this->site->log->now(SpacingRead::class) as $spacing) {
            if ($spacing->to === null) {
                continue;
            }
            $ends = [$spacing->from->value, $spacing->to->value];
            sort($ends);
            $read[implode(' ', $ends)][$spacing->at->value] = $spacing;
        }
        $checks = [];
        foreach ($read as $pair) {
            [$top, $ground] = [$pair[SpacingAt::Top->value] ?? null, $pair[SpacingAt::Ground->value] ?? null];
            if ($top?->to === null || $ground === null) {
                continue;
            }
            [$from, $to] = [$this->site->standing[$top->from] ?? null, $this->site->standing[$top->to] ?? null];
            if ($from !== null && $to !== null && ! $from->lean->isHalfKnown() && ! $to->lean->isHalfKnown()) {
                $checks[] = new SpacingCheck($from, $to, $ground->distance, $top->distance);
            }
        }

        return $checks;
    }

    /**
     * Where the tops stand: tapes at the ground and at the tops in one network, joined by the leans. Null until the stakes are proved and
     * every post is read both ways.
     */
    public function tops(): ?TopNetwork
    {
        $stations = $heights = [];
        foreach ($this->site->plan->grid->posts as $post) {
            $stands = $this->site->standing($post);
            if (! $stands->set || $stands->lean->isHalfKnown()) {
                return null;
            }
            $stations[] = new Station($post->id->value, $post->at->inMillimetres());
            $heights[] = $stands->topAbovePivot()->inMillimetres();
            $leans[$post->id->value] = new TopLean($stands->lean->slopeX, $stands->lean->slopeY, $heights[count($heights) - 1]);
        }
        if (count($stations) < 2) {
            return null;
        }
        $plan = new PlanNetwork($this->site->plan);
        $network = $plan->network(
            [...array_values($this->site->square->taken->readings), ...$this->topTapes($leans)],
            array_map(fn (Station $station) => $station->name, $stations),
        );
        try {
            return new TopNetwork(
                $stations, $network, $leans, array_map(fn (Post $post) => $post->id->value, $this->site->plan->corners()), min($heights),
                $plan->allowed,
            );
        } catch (NotDetermined) {
            return null;
        }
    }

    /**
     * @param  array<string, TopLean>  $leans
     * @return list<Reading>
     */
    private function topTapes(array $leans): array
    {
        $tapes = [];
        foreach ($this->site->log->now(SpacingRead::class) as $sequence => $tape) {
            if ($tape->at !== SpacingAt::Top || ! isset($leans[$tape->from->value]) || ($tape->to !== null && ! isset($leans[$tape->to->value]))) {
                continue;
            }
            $lean = $leans[$tape->from->value]->offset();
            if ($tape->to !== null) {
                $tapes[] = new Distance(
                    "t{$sequence}", $tape->from->value, $tape->to->value, $tape->distance->inMillimetres(), TopNetwork::TAPE,
                    $leans[$tape->to->value]->offset()->minus($lean),
                );
            } elseif (($line = $this->site->plan->fixedLine($tape->line))?->binds()
                && ($post = $this->site->plan->grid->find($tape->from)) !== null) {
                $tapes[] = new LineOffset(
                    "t{$sequence}", $tape->from->value, $line->from->inMillimetres(), $line->to->inMillimetres(),
                    $line->offAsPlanned($post->at, $tape->distance)->inMillimetres(),
                    TopNetwork::TAPE, $lean, $line->id,
                );
            }
        }

        return $tapes;
    }

    /** @return list<RowLine> every row and column, and every straight piece of a further row, of at least three posts whose places are proved */
    public function rowLines(): array
    {
        $stakes = $this->site->square->survey->stakeOf(...);
        $at = ByPost::each(
            $this->site->plan->grid->posts,
            fn (Post $post) => ($along = $stakes($post)?->along) === null ? null : $post->at->inMillimetres()->minus($along),
        );
        $lines = [];
        foreach ($this->site->plan->grid->atCrossings() as $post) {
            if (isset($at[$post])) {
                $lines["row {$post->at->y->nanometres}"][] = $post;
                $lines["column {$post->at->x->nanometres}"][] = $post;
            }
        }
        $straight = [];
        foreach ($lines as $kind => $posts) {
            if (count($posts) >= 3) {
                $isRow = str_starts_with($kind, 'row');
                $name = (string) preg_replace($isRow ? '/^\D+/' : '/\d+$/', '', $posts[0]->label);
                $straight[] = new RowLine($isRow, $name, $posts, $at, $this->site->plan->closenessAt($posts[0]->id)->across);
            }
        }

        foreach ($this->site->plan->parts as $part) {
            foreach ($part->lines as $posts) {
                $known = array_values(array_filter($posts, fn (Post $post) => isset($at[$post])));
                if (count($known) >= 3) {
                    $straight[] = new RowLine(
                        true, "{$known[0]->label}–{$known[count($known) - 1]->label}", $known, $at,
                        $this->site->plan->closenessAt($known[0]->id)->across,
                    );
                }
            }
        }

        return $straight;
    }
}
