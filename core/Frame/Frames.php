<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Log;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Plan;

/**
 * Everything that stands on the posts of a job: the frame on its first grid and those on its further parts, as decided, and as usual where that is
 * asked.
 */
final readonly class Frames
{
    /** @var list<Piece> */
    public array $pieces;

    /** @var array<string, int> fixings by layer */
    public array $fixings;

    /** @var list<Fact> what can’t be made of what was named: a FrameRefusal each */
    public array $hindered;

    /** @param  list<FrameOnPosts>  $all  one for each footprint that something stands on */
    private function __construct(public array $all)
    {
        $fixings = [];
        foreach ($all as $frame) {
            foreach ($frame->fixings as $layer => $count) {
                $fixings[$layer] = ($fixings[$layer] ?? 0) + $count;
            }
        }
        $this->fixings = $fixings;
        $this->pieces = array_merge([], ...array_map(fn (FrameOnPosts $frame) => $frame->pieces, $all));
        $this->hindered = array_merge([], ...array_map(fn (FrameOnPosts $frame) => $frame->hindered, $all));
    }

    /** @param  list<FrameOnPosts>  $frames */
    public static function of(array $frames): self
    {
        return new self($frames);
    }

    /** What was decided, and nothing else. */
    public static function decided(Plan $plan, Log $log): self
    {
        return new self([
            ...($plan->frame === null ? [] : self::onGrid($plan, $plan->frame, $log)),
            ...array_merge(
                [],
                ...array_map(
                    fn (Part $part) => isset($plan->partFrames[$part->id]) ? self::onPart($plan, $part, $plan->partFrames[$part->id], $log) : [],
                    $plan->parts,
                ),
            ),
        ]);
    }

    /** As usual where nobody decided. */
    public static function decidedOrUsual(Plan $plan, Log $log): self
    {
        return new self([
            ...self::onGrid($plan, UsualFrame::orDecided($plan), $log),
            ...array_merge([], ...array_map(fn (Part $part) => self::onPart($plan, $part, UsualFrame::ofPart($plan, $part), $log), $plan->parts)),
        ]);
    }

    /** @return list<FrameOnPosts> */
    public static function onGrid(Plan $plan, FrameRules $rules, Log $log): array
    {
        return self::on($plan, $rules, [Footprint::ofGrid($plan, $rules)], $log);
    }

    /** @return list<FrameOnPosts> */
    public static function onPart(Plan $plan, Part $part, FrameRules $rules, Log $log): array
    {
        return self::on($plan, $rules->inStocksOf($plan->frame), Footprint::ofPart($part, $rules), $log);
    }

    /** @return list<Piece> of one layer */
    public function piecesOf(LayerKind $kind): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => $piece->layer->kind === $kind));
    }

    /**
     * @param  list<Footprint>  $footprints
     * @return list<FrameOnPosts>
     */
    private static function on(Plan $plan, FrameRules $rules, array $footprints, Log $log): array
    {
        return $rules->layers === [] ? [] : array_map(fn (Footprint $footprint) => new FrameOnPosts($plan, $rules, $footprint, $log), $footprints);
    }
}
