<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use LogicException;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What is known of some posts is found by the post or its id, and of the others it is not made up. */
final class ByPostTest extends TestCase
{
    public function test_it_is_found_by_the_post_and_by_its_id_and_of_others_there_is_nothing(): void
    {
        [$a1, $b1, $c1] = Builds::plan(baysX: [2400, 2400], baysY: [3000])->grid->posts;
        $by = ByPost::each([$a1, $b1, $c1], fn (Post $post) => $post === $c1 ? null : $post->label);
        $this->assertSame(['A1', 'A1', 'none'], [$by[$a1], $by[$a1->id], $by[$c1] ?? 'none']);
        $this->assertSame([true, false, 2, false], [isset($by[$b1]), isset($by[$c1]), count($by), $by->isEmpty()]);
        $this->assertSame(['A1!', 'B1!'], $by->map(fn (string $label) => "{$label}!")->all());
        foreach ($by as $id => $label) {
            $this->assertSame($label, $by[$id]);
        }
        $this->assertEquals($by, ByPost::fromStored($by->stored()));
        $this->expectException(LogicException::class);
        $this->assertNull($by[$c1]);
    }

    public function test_of_one_post_the_last_counts_or_all_in_their_order(): void
    {
        [$a1, $b1] = Builds::plan()->grid->posts;
        $said = function () use ($a1, $b1) {
            yield $a1 => 1;
            yield $b1->id => 2;
            yield $a1->id => 3;
        };
        $this->assertSame([3, 2], ByPost::of($said())->all());
        $this->assertSame([[1, 3], [2]], ByPost::grouped($said())->all());
        $this->assertSame('B1', ByPost::indexed(['x', 'y'], fn (string $of) => $of === 'x' ? $a1 : $b1)->map(fn (string $of) => $of === 'y' ? 'B1' : '')[$b1]);
    }

    public function test_it_is_not_changed_afterwards(): void
    {
        [$a1] = Builds::plan()->grid->posts;
        $by = ByPost::each([$a1], fn () => 1);
        $this->expectException(LogicException::class);
        $by[$a1] = 2;
    }
}
