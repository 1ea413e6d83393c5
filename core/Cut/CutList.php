<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Log;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** The cut mark of every post, once it is decided where the tops shall be. */
final readonly class CutList
{
    /** @var array<string, CutMark> by the value of the post's id; empty until the tops are decided */
    public array $marks;

    /** @var list<CutMark> posts whose top is below their mark; asked for at every post */
    private array $short;

    /** @var array<string, true> posts already cut */
    private array $cut;

    public function __construct(Plan $plan, Log $log)
    {
        $measured = $cut = $marks = [];
        foreach ($log->now(TopMeasured::class) as $top) {
            $measured[$top->post->value] = $top->aboveDatumLine;
        }
        foreach ($log->now(PostCut::class) as $done) {
            $cut[$done->post->value] = true;
        }
        if ($plan->tops !== null) {
            foreach ($plan->grid->posts as $post) {
                $now = $measured[$post->id->value] ?? null;
                $marks[$post->id->value] = new CutMark(
                    $post, $plan->tops->topOf($post), $plan->tops->datumLine, $now?->plus($plan->tops->datumLine),
                    $plan->post, $plan->tops->alongX, $plan->tops->alongY,
                );
            }
        }
        [$this->marks, $this->cut] = [$marks, $cut];
        $this->short = array_values(array_filter($marks, fn (CutMark $mark) => $mark->isShort()));
    }

    public function mark(Post $post): ?CutMark
    {
        return $this->marks[$post->id->value] ?? null;
    }

    public function isCut(Post $post): bool
    {
        return isset($this->cut[$post->id->value]);
    }

    /** @return list<CutMark> posts whose top is below their mark */
    public function short(): array
    {
        return $this->short;
    }
}
