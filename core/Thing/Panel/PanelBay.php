<?php

declare(strict_types=1);

namespace Aequus\Thing\Panel;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** What stands between two posts: a panel with a gap and maybe a cleat on each side. */
final readonly class PanelBay
{
    /** Between the faces of the posts. */
    public Length $clear;

    /**
     * @param  Length  $gap  on each side
     * @param  Length  $cleat  on each side
     */
    public function __construct(Length $width, Length $gap, Length $cleat)
    {
        $this->clear = $width->plus($gap->plus($cleat)->times(2));
    }

    /** Centre to centre of two posts so thick along the row. */
    public function centres(Length $one, Length $other): Length
    {
        return $this->clear->plus($one->plus($other)->half());
    }

    /**
     * The centre of every post of a row, from that of the first.
     *
     * @param  list<Length>  $panels  widths
     * @param  list<Length>  $posts  how thick each is along the row
     * @return list<Length>
     *
     * @throws ThingRefused unless there is one post more than panels
     */
    public static function row(array $panels, Length $gap, Length $cleat, array $posts): array
    {
        if (count($posts) !== count($panels) + 1) {
            throw ThingRefused::onePostMoreThanPanels(count($panels));
        }
        $marks = [Length::zero()];
        foreach ($panels as $i => $width) {
            $marks[] = $marks[$i]->plus((new self($width, $gap, $cleat))->centres($posts[$i], $posts[$i + 1]));
        }

        return $marks;
    }
}
