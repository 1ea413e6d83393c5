<?php

declare(strict_types=1);

namespace Aequus\Handover;

use Aequus\Measure\Length;
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
     * @param  array<string, array{float, float}>  $at  where each really stands, x and y in mm, by the value of its id
     */
    public function __construct(public bool $isRow, public string $name, public array $posts, array $at, Length $tolerance)
    {
        [$x1, $y1] = $at[$posts[0]->id->value];
        [$x2, $y2] = $at[$posts[count($posts) - 1]->id->value];
        $length = max(1e-9, hypot($x2 - $x1, $y2 - $y1));
        $worst = 0.0;
        $worstPost = null;
        foreach ($posts as $post) {
            [$x, $y] = $at[$post->id->value];
            $off = abs(($x2 - $x1) * ($y - $y1) - ($y2 - $y1) * ($x - $x1)) / $length;
            [$worst, $worstPost] = $off > $worst ? [$off, $post] : [$worst, $worstPost];
        }
        [$this->worst, $this->worstPost] = [Length::millimetres($worst), $worstPost];
        $this->isStraight = ! $this->worst->isLongerThan($tolerance);
    }
}
