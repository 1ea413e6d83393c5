<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;

/** How one post stands: the newest reading of each face at the newest stage counts. */
final readonly class StandingPost
{
    /** In the directions of the job. */
    public Lean $lean;

    /** The same in those of its own sides, where they are turned. */
    public Lean $own;

    public ?Stage $stage;

    /** @var array<string, PlumbReading> the readings that count, by the line they were read along */
    public array $byFace;

    /** @var array<string, non-empty-list<PlumbReading>> what was read with the level both ways round, by its line */
    public array $turned;

    /** @var array<string, array<string, non-empty-list<PlumbReading>>> by the value of the stage and the line they were read along */
    private array $byStage;

    /**
     * @param  list<PlumbReading>  $readings  of this post, oldest first
     * @param  Length  $foot  heights above the benchmark's zero
     * @param  Length  $brace  where a brace would be fixed
     * @param  Filling  $filling  what became of its fill
     */
    public function __construct(
        public Post $post,
        public bool $set,
        array $readings,
        private Length $foot,
        private Length $grade,
        private Length $top,
        private Length $brace,
        private int $plumbOneIn,
        public Filling $filling = new Filling,
        /** By how much its faces are turned out of the job’s directions, radians. */
        private float $turn = 0.0,
    ) {
        $byStage = [];
        $newest = null;
        foreach ($readings as $reading) {
            // A reading anew replaces what was read on the face, both ways round; a turned one joins it.
            $byStage[$reading->stage->value][$reading->line()] = $reading->turned
                ? [...array_filter($byStage[$reading->stage->value][$reading->line()] ?? [], fn (PlumbReading $r) => ! $r->turned), $reading]
                    : [$reading];
            $newest = $newest === null || $reading->stage->isLaterThan($newest) ? $reading->stage : $newest;
        }
        $this->stage = $newest;
        $this->byStage = $byStage;
        $this->byFace = array_map(fn (array $onFace) => $onFace[count($onFace) - 1], $byStage[$newest->value ?? ''] ?? []);
        $this->turned = array_filter($byStage[$newest->value ?? ''] ?? [], fn (array $onFace) => count($onFace) === 2);
        $this->lean = ($newest === null ? null : $this->leanAt($newest)) ?? Lean::from([]);
        $this->own = $turn === 0.0 ? $this->lean : Lean::from(array_map(
            fn (PlumbReading $r) => $this->read($r, 0.0), array_merge(...array_values($byStage[$newest->value ?? ''] ?? [])),
        ));
    }

    /** @return list<Shift> how far its top has gone, toward its own sides, the larger part first */
    public function topGone(): array
    {
        return $this->own->at($this->topAbovePivot());
    }

    /** @return list<Shift> how far to pull its top back */
    public function pull(): array
    {
        return $this->own->pullAt($this->topAbovePivot());
    }

    /** @return list<Shift> the same at its brace */
    public function pullAtTheBrace(): array
    {
        return $this->own->pullAt($this->braceAbovePivot());
    }

    /** Null where it was not read at that stage. */
    public function leanAt(Stage $stage): ?Lean
    {
        $byFace = $this->byStage[$stage->value] ?? [];

        return $byFace === [] ? null : Lean::from(array_map(
            fn (PlumbReading $r) => $this->read($r, $this->turn), array_merge(...array_values($byFace)),
        ));
    }

    /** How far the top stands from over the foot. */
    public function outOfPlumb(): Length
    {
        return $this->lean->outOfPlumb($this->topAbovePivot());
    }

    /** The length that its newest reading was taken over; null where it was not read, or over none. */
    public function readOver(): ?Length
    {
        return $this->byFace === [] ? null : $this->byFace[array_key_last($this->byFace)]->lean->over;
    }

    public function topAbovePivot(): Length
    {
        return $this->top->minus($this->pivot());
    }

    public function braceAbovePivot(): Length
    {
        return $this->brace->minus($this->pivot());
    }

    public function topAboveGrade(): Length
    {
        return $this->top->minus($this->grade);
    }

    /** Whether it leans too much by what was read. */
    public function isOut(): bool
    {
        return ! $this->lean->isWithin($this->plumbOneIn);
    }

    /** Whether it stands plumb enough, also where it was read roughly. */
    public function isWithin(): bool
    {
        return $this->lean->isSurelyWithin($this->plumbOneIn);
    }

    /** Neither: what was read is too rough to tell. */
    public function isTooRoughlyRead(): bool
    {
        return ! $this->isOut() && ! $this->isWithin();
    }

    public function isProvedPlumb(): bool
    {
        return ! $this->lean->isHalfKnown() && $this->isWithin();
    }

    /**
     * What turning the level says of it: the slope it shows of its own, toward the side of the first reading; null where no face was read both ways
     * round.
     */
    public function ownErrorOfTheLevel(): ?float
    {
        foreach ($this->turned as [$first, $second]) {
            return Lean::ownError($this->read($first, $this->turn), $this->read($second, $this->turn));
        }

        return null;
    }

    /** Whether both directions were read since it was filled; true while it is not. */
    public function isReadSinceFilled(): bool
    {
        return ! $this->filling->isDone() || ($this->stage?->isFilled() && ! $this->lean->isHalfKnown());
    }

    /** What the fill did to it: how it leans since, against the last reading before. Null until both are known both ways. */
    public function drift(): ?Lean
    {
        $after = $this->leanAt(Stage::Filled) ?? $this->leanAt(Stage::Hardened);
        $before = $after === null ? null : $this->leanAt(Stage::Lift) ?? $this->leanAt(Stage::HoleOpen);

        return $after === null || $before === null || $after->isHalfKnown() || $before->isHalfKnown() ? null : $after->since($before);
    }

    /** A face whose level shows the direction still missing at the stage it is in; null when both are known. */
    public function nextFace(): ?Side
    {
        if ($this->isTooRoughlyRead() && $this->isReadSinceFilled()) {
            return $this->roughFace();
        }
        $lean = $this->isReadSinceFilled() || $this->stage?->isFilled() ? $this->own : Lean::from([]);

        return $this->unread($lean)[0] ?? null;
    }

    /** @return list<Side> every face still to be read at the stage it is in, the next one first */
    public function missingFaces(): array
    {
        $next = $this->nextFace();

        return $next === null ? [] : array_values(array_unique([
            $next, ...$this->unread($this->isReadSinceFilled() || $this->stage?->isFilled() ? $this->own : Lean::from([])),
        ], SORT_REGULAR));
    }

    /** @return list<Side> */
    private function unread(Lean $lean): array
    {
        return [...($lean->yRead ? [] : [Side::MinusY]), ...($lean->xRead ? [] : [Side::PlusX])];
    }

    /** The face that was read most roughly; of several the one it leans by most. */
    private function roughFace(): ?Side
    {
        $rough = null;
        foreach ($this->byFace as $reading) {
            $of = fn (PlumbReading $one): array => [$one->lean->sigma, $one->lean->slope->ratio];
            $rough = $rough === null || $of($reading) > $of($rough) ? $reading : $rough;
        }

        return $rough?->face;
    }

    /** At which stage it is to be read now. */
    public function stageNow(): Stage
    {
        return $this->filling->isDone() ? ($this->stage === Stage::Hardened ? Stage::Hardened : Stage::Filled) : ($this->stage ?? Stage::HoleOpen);
    }

    private function read(PlumbReading $r, float $turn): FaceReading
    {
        return $r->bearing === null
            ? FaceReading::slope($r->face, $r->leansToward, $r->lean->slope, $r->lean->sigma, $turn)
            : FaceReading::along($r->bearing, $r->lean->slope, $r->lean->sigma);
    }

    /** While the hole is open a post turns about its foot; after the fill about grade. */
    private function pivot(): Length
    {
        return $this->stage?->isFilled() ? $this->grade : $this->foot;
    }
}
