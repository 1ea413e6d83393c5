<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Plan\Footing\HoleSlack;
use Aequus\Plan\Posts\Section;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

final class HoleSlackTest extends VectorTestCase
{
    #[DataProvider('holes')]
    public function test_a_hole_leaves_its_post_so_much_slack(array $input, Expected $expect): void
    {
        $post = $input['section']['shape'] === 'round'
            ? Section::round(self::mm($input['section']['diameter']))
            : Section::rectangle(self::mm($input['section']['b']), self::mm($input['section']['d']));
        $slack = $input['hole_shape'] === 'round'
            ? HoleSlack::round(self::mm($input['hole_size']), $post, self::mm($input['cover']))
            : HoleSlack::square(self::mm($input['hole_size']), $post, self::mm($input['cover']));
        $this->assertEqualsWithDelta($expect['slack'], $slack->slack->inMillimetres(), 2e-6);
        $this->assertSame($expect['post_at_design_keeps_cover'], $slack->allows(self::mm($input['hole_off_x']), self::mm($input['hole_off_y'])));
    }

    public static function holes(): Generator
    {
        yield from Vectors::of('moves', 'hole_slack');
    }
}
