<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Logbook\PlumbReading;
use Aequus\Logbook\Stage;
use Aequus\Measure\Length;
use Aequus\Plan\Post;
use Aequus\Plan\Side;
use Aequus\Plan\SideNames;

/** How one post stands: the newest reading of each face at the newest stage counts. */
final readonly class StandingPost
{
    public Lean $lean;

    public ?Stage $stage;

    /** @var array<string, PlumbReading> the readings that count, by the value of their face */
    public array $byFace;

    /**
     * @param  list<PlumbReading>  $readings  of this post, oldest first
     * @param  Length  $foot  heights above the benchmark's zero
     * @param  Length  $brace  where a brace would be fixed
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
        SideNames $names,
    ) {
        $this->stage = array_reduce($readings, fn (?Stage $stage, PlumbReading $r) => $r->stage === Stage::Filled ? $r->stage : $stage ?? $r->stage);
        $byFace = [];
        foreach ($readings as $reading) {
            if ($reading->stage === $this->stage) {
                $byFace[$reading->face->value] = $reading;
            }
        }
        $this->byFace = $byFace;
        $this->lean = Lean::from(array_map(
            fn (PlumbReading $r) => FaceReading::gap($r->face, $r->leansToward, $r->gap, $r->level, $names),
            array_values($byFace),
        ));
    }

    public function topAbovePivot(): Length
    {
        return $this->top->minus($this->pivot());
    }

    public function braceAbovePivot(): Length
    {
        return $this->brace->minus($this->pivot());
    }

    public function isWithin(): bool
    {
        return $this->lean->isWithin($this->plumbOneIn);
    }

    public function isProvedPlumb(): bool
    {
        return ! $this->lean->isHalfKnown() && $this->isWithin();
    }

    /** A face still to be read, so that both directions are known; null when they are. */
    public function nextFace(): ?Side
    {
        return match (true) {
            ! $this->lean->xRead => Side::MinusY,
            ! $this->lean->yRead => Side::PlusX,
            default => null,
        };
    }

    /** While the hole is open a post turns about its foot; after the fill about grade. */
    private function pivot(): Length
    {
        return $this->stage === Stage::Filled ? $this->grade : $this->foot;
    }
}
