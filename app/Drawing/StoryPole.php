<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Cut\CutMark;
use Aequus\Measure\Length;
use Aequus\Site\SiteState;
use App\Drawing\Drawn\DrawnMark;
use App\Drawing\Drawn\Labels;
use App\Type\Say;
use App\Type\Typeset;

/** A story pole: the datum line and every cut mark above it, posts that share a mark together. */
final readonly class StoryPole
{
    public const HEIGHT = 420;

    private const TOP = 34;

    private const BOTTOM = 372;

    private const LINE_HEIGHT = 40;

    /** @var list<DrawnMark> from the highest down */
    public array $marks;

    public ?string $datum;

    public function __construct(SiteState $site)
    {
        $notation = $site->plan->notation;
        $groups = [];
        foreach ($site->cut->marks as $mark) {
            $groups[$notation->round($mark->aboveDatumLine())->nanometres][] = $mark;
        }
        krsort($groups);
        $highest = max([1, ...array_keys($groups)]);
        $marks = [];
        $free = -INF;
        foreach ($groups as $height => $members) {
            $y = self::BOTTOM - max(0, $height) / $highest * (self::BOTTOM - self::TOP);
            // Labels move down until they stand clear of the one above; the leader shows where they belong.
            $labelY = max($y, $free + self::LINE_HEIGHT);
            $free = $labelY;
            $labels = fn (bool $short): string => implode(
                ' ', array_map(fn (CutMark $mark) => $mark->post->label, array_filter($members, fn (CutMark $mark) => $mark->isShort() === $short)),
            );
            $short = $labels(true);
            $marks[] = new DrawnMark(
                round($y, 1), round($labelY, 1), Typeset::svg($notation, Length::nanometres($height)),
                ($short === '' ? '' : Say::text('drawing.story_pole.short', short: $short)).$labels(false), $short !== '',
            );
        }
        $this->marks = $marks;
        $this->datum = $site->plan->tops === null ? null : Typeset::svg($notation, $site->plan->tops->datumLine);
    }

    public function datumY(): int
    {
        return self::BOTTOM;
    }

    /** Long lists of marks make the paper longer. */
    public function height(): float
    {
        return max(self::HEIGHT, 50 + max([0, ...array_map(fn (DrawnMark $mark) => $mark->labelY, $this->marks)]));
    }
}
