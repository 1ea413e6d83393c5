<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Log;
use Aequus\Measure\Slope;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** The cut mark of every post, once it is decided where the tops shall be. */
final readonly class CutList
{
    /** @var ByPost<CutMark> none until the tops are decided */
    public ByPost $marks;

    /** @var list<CutMark> posts whose top is below their mark; asked for at every post */
    private array $short;

    /** @var ByPost<PostCut> */
    private ByPost $cut;

    public function __construct(Plan $plan, Log $log)
    {
        $measured = $log->newest(TopMeasured::class);
        $tops = $plan->tops;
        $this->cut = $log->newest(PostCut::class);
        $this->marks = $tops === null ? ByPost::none()
            : ByPost::each($plan->grid->posts, function (Post $post) use ($plan, $tops, $measured): CutMark {
                $fall = (new Vector($tops->alongX->ratio, $tops->alongY->ratio))->turned(-$plan->turnOf($post->id));

                return new CutMark(
                    $post, $tops->topOf($post), $tops->datumLine, ($measured[$post] ?? null)?->aboveDatumLine->plus($tops->datumLine),
                    $plan->sectionOf($post), Slope::ratio($fall->x), Slope::ratio($fall->y),
                );
            });
        $this->short = array_values(array_filter($this->marks->all(), fn (CutMark $mark) => $mark->isShort()));
    }

    public function mark(Post $post): ?CutMark
    {
        return $this->marks[$post] ?? null;
    }

    public function isCut(Post $post): bool
    {
        return isset($this->cut[$post]);
    }

    /** @return list<CutMark> posts whose top is below their mark */
    public function short(): array
    {
        return $this->short;
    }
}
