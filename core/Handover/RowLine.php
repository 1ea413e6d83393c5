<?php

declare(strict_types=1);

namespace Aequus\Handover;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
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
     * @param  array<string, Vector>  $at  where each really stands, in mm, by the value of its id
     */
    public function __construct(public bool $isRow, public string $name, public array $posts, array $at, Length $tolerance)
    {
        $from = $at[$posts[0]->id->value];
        $row = $at[$posts[count($posts) - 1]->id->value]->minus($from);
        $length = max(1e-9, $row->length());
        $worst = 0.0;
        $worstPost = null;
        foreach ($posts as $post) {
            $off = abs($row->cross($at[$post->id->value]->minus($from))) / $length;
            [$worst, $worstPost] = $off > $worst ? [$off, $post] : [$worst, $worstPost];
        }
        [$this->worst, $this->worstPost] = [Length::millimetres($worst), $worstPost];
        $this->isStraight = ! $this->worst->isLongerThan($tolerance);
    }
}
