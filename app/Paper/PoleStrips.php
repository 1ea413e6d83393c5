<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Length;
use Aequus\Site\SiteState;

/** A story pole in full size, cut into strips that are taped onto a lath one above the other, from the datum line up. Lengths on paper in mm. */
final readonly class PoleStrips
{
    /** Kept free round the sheet, for printers that can’t reach its edge. */
    public const MARGIN = 12.0;

    private const STRIP_WIDTH = 60.0;

    /** How much of the pole one strip shows. */
    public float $each;

    /** @var list<list<array{float, string, string}>> for each strip, from the lowest: how far up it each mark lies, its height in words, and its posts */
    public array $strips;

    public int $perPage;

    public function __construct(SiteState $site, public Paper $paper)
    {
        // Above the strips stand the check bars, below them the joint.
        $this->each = floor(($paper->height() - 2 * self::MARGIN - 30) / 10) * 10;
        $this->perPage = max(1, (int) floor(($paper->width() - 2 * self::MARGIN) / self::STRIP_WIDTH));
        $groups = [];
        foreach ($site->cut->marks as $mark) {
            $groups[$site->plan->notation->round($mark->aboveDatumLine())->nanometres][] = $mark->post->label;
        }
        ksort($groups);
        $strips = [];
        foreach ($groups as $height => $labels) {
            $up = Length::nanometres($height)->inMillimetres();
            $strip = max(0, (int) floor($up / $this->each));
            $strips[$strip][] = [$up - $strip * $this->each, $site->plan->write(Length::nanometres($height)), implode(' ', $labels)];
        }
        $last = $strips === [] ? -1 : max(array_keys($strips));
        $this->strips = array_map(fn (int $i): array => $strips[$i] ?? [], $last < 0 ? [] : range(0, $last));
    }

    public function left(int $strip): float
    {
        return self::MARGIN + $strip % $this->perPage * self::STRIP_WIDTH;
    }
}
