<?php

declare(strict_types=1);

namespace Aequus\Handover;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** How straight one row or column stands: every post against the line between its two ends. */
final readonly class RowLine
{
    public Length $worst;

    public ?Post $worstPost;

    public bool $isStraight;

    /**
     * @param  string  $name  the number of a row, the letter of a column
     * @param  non-empty-list<Post>  $posts  from one end to the other, at least three
     * @param  ByPost<Vector>  $at  where each really stands, in mm
     */
    public function __construct(public bool $isRow, public string $name, public array $posts, ByPost $at, Length $tolerance)
    {
        $from = $at[$posts[0]];
        $row = $at[$posts[count($posts) - 1]]->minus($from);
        $length = max(1e-9, $row->length());
        $worst = 0.0;
        $worstPost = null;
        foreach ($posts as $post) {
            $off = abs($row->cross($at[$post]->minus($from))) / $length;
            [$worst, $worstPost] = $off > $worst ? [$off, $post] : [$worst, $worstPost];
        }
        [$this->worst, $this->worstPost] = [Length::millimetres($worst), $worstPost];
        $this->isStraight = ! $this->worst->isLongerThan($tolerance);
    }
}
