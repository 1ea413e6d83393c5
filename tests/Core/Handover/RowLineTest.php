<?php

declare(strict_types=1);

namespace Tests\Core\Handover;

use Aequus\Handover\RowLine;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\ByPost;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Whether a row stands straight, by the line of its two ends. */
final class RowLineTest extends TestCase
{
    #[TestWith([0.0, true])]
    #[TestWith([6.0, true], 'just allowed')]
    #[TestWith([6.001, false])]
    #[TestWith([-7.0, false])]
    public function test_the_middle_post_off_the_line_of_the_ends(float $off, bool $isStraight): void
    {
        $posts = array_values(array_filter(Builds::plan()->grid->posts, fn ($post) => str_ends_with($post->label, '1')));
        $at = [];
        foreach ($posts as $i => $post) {
            $at[$post->id->value] = new Vector(2400.0 * $i, $i === 1 ? $off : 0.0);
        }
        $row = new RowLine(true, '1', $posts, ByPost::fromStored($at), Length::millimetres(6));
        $this->assertSame($isStraight, $row->isStraight);
        $this->assertEqualsWithDelta(abs($off), $row->worst->inMillimetres(), 1e-6);
        $this->assertSame($off === 0.0 ? null : 'B1', $row->worstPost?->label);
    }
}
