<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Mark;
use Aequus\Plan\Grid\OffsetChain;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\Place\Arch;
use Aequus\Plan\Place\ClearOpening;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

final class GridVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'grid';

    #[DataProvider('layouts')]
    public function test_posts_stand_where_the_bays_put_them(array $input, Expected $expect): void
    {
        $lines = fn (array $bays) => GridLines::fresh(Spacing::bays(array_map(Length::millimetres(...), $bays)));
        $bare = new Grid($lines($input['bays_x']), $lines($input['bays_y']));
        $leftOut = array_map(fn (string $label) => $bare->labelled($label)->id, $input['left_out']);
        $added = array_map(
            fn (array $post) => new Post(
                PostId::of($post['name']), $post['name'], new Point(Length::millimetres($post['x']), Length::millimetres($post['y'])),
            ),
            $input['added'],
        );
        $posts = (new Grid($bare->columns, $bare->rows, $leftOut, $added))->posts;

        $this->assertSame(array_column($expect['posts'], 'name'), array_map(fn (Post $post) => $post->label, $posts));
        foreach ($expect['posts'] as $i => $post) {
            $this->assertLength($post['x'], $posts[$i]->at->x);
            $this->assertLength($post['y'], $posts[$i]->at->y);
        }
    }

    public static function layouts(): Generator
    {
        return Vectors::of('grid', 'layout');
    }

    #[DataProvider('overalls')]
    public function test_an_overall_size_becomes_equal_bays_by_where_the_tape_is_held(array $input, Expected $expect): void
    {
        [$size, $held] = [Length::millimetres($input['overall']), TapeHeld::from($input['reference'])];
        $post = Length::millimetres($input['post'] ?? 0);
        if (isset($input['largest_bay'])) {
            $count = Spacing::fewestBays($held->centres($size, $post), Length::millimetres($input['largest_bay']));
            $this->assertSame(count($expect['bays']), $count);
        }
        $spacing = Spacing::overall($size, $held, $post, $input['bay_count'] ?? count($expect['bays']));

        $this->assertLength($expect['centres'], $spacing->centres[count($spacing->centres) - 1]);
        $this->assertLengths($expect['bays'], $spacing->gaps());
        $this->assertMarks($expect['marks'] ?? [], isset($expect['marks']) ? $spacing->marks(fn () => $post) : []);
    }

    public static function overalls(): Generator
    {
        return Vectors::of('grid', 'overall');
    }

    #[DataProvider('endOffsets')]
    public function test_posts_set_back_from_both_edges(array $input, Expected $expect): void
    {
        $spacing = Spacing::betweenEnds(
            Length::millimetres($input['overall']), Length::millimetres($input['first_offset']),
            Length::millimetres($input['last_offset']), $input['bay_count'],
        );
        $this->assertLengths($expect['bays'], $spacing->gaps());
        $this->assertMarks($expect['marks'], $spacing->marks(fn () => Length::millimetres($input['post'])));
    }

    public static function endOffsets(): Generator
    {
        return Vectors::of('grid', 'end_offsets');
    }

    #[DataProvider('marks')]
    public function test_marks_run_from_one_zero(array $input, Expected $expect): void
    {
        $post = isset($input['post']) ? Length::millimetres($input['post']) : $this->section($input['section'])->along(
            ($input['axis'] ?? 'x') === 'x' ? Side::PlusX : Side::PlusY,
        );
        if (isset($expect['diagonal'])) {
            $this->assertLength($expect['diagonal'], $this->section($input['section'])->across());
        }
        $this->assertMarks($expect['marks'], Spacing::bays(array_map(Length::millimetres(...), $input['bays']))->marks(fn () => $post));
    }

    public static function marks(): Generator
    {
        return Vectors::of('grid', 'marks');
    }

    #[DataProvider('openings')]
    public function test_what_passes_between_two_posts(array $input, Expected $expect): void
    {
        $opening = new ClearOpening(
            Length::millimetres($input['centre_spacing']), array_map(Length::millimetres(...), $input['half_widths']),
            array_map(
                Length::millimetres(...), $input['projections'],
            ), Length::millimetres($input['machine_width']), Length::millimetres($input['margin']),
        );
        $this->assertLength($expect['clear_opening'], $opening->opening);
        $this->assertLength($expect['needed'], $opening->needed);
        $this->assertSame($expect['passes'], $opening->passes);
    }

    public static function openings(): Generator
    {
        return Vectors::of('grid', 'clear_opening');
    }

    #[DataProvider('arches')]
    public function test_what_passes_under_an_arch(array $input, Expected $expect): void
    {
        $arch = new Arch(array_map(fn (array $p) => new Point(Length::millimetres($p['x']), Length::millimetres($p['h'])), $input['profile']));
        $room = $arch->leastRoom(
            Length::millimetres($input['machine_left']), Length::millimetres($input['machine_width']), Length::millimetres($input['machine_height']),
        );
        $this->assertLength($expect['least_room'], $room);
        $this->assertSame($expect['passes'], ! $room->isShorterThan(Length::millimetres($input['margin'])));
    }

    public static function arches(): Generator
    {
        return Vectors::of('grid', 'arch');
    }

    #[DataProvider('chains')]
    public function test_a_chain_of_offsets_is_rounded_once(array $input, Expected $expect): void
    {
        $chain = new OffsetChain(array_map(fn (array $o) => Length::nanometres($o['offset_nm']), $input['offsets']));
        $notation = isset($input['denominator']) ? Notation::feetInches($input['denominator']) : Notation::millimetres($input['decimals']);
        $this->assertSame($expect['sum_nm'], $chain->sum->nanometres);
        $this->assertSame($expect['printed'], $chain->printed($notation));
        $this->assertSame($expect['printed_nm'], $notation->round($chain->sum)->nanometres);
    }

    public static function chains(): Generator
    {
        return Vectors::of('grid', 'offset_chain');
    }

    /** @param  list<Length>  $lengths */
    private function assertLengths(array $expected, array $lengths): void
    {
        $this->assertSameSize($expected, $lengths);
        array_map($this->assertLength(...), $expected, $lengths);
    }

    /** @param  list<Mark>  $marks */
    private function assertMarks(array $expected, array $marks): void
    {
        $this->assertSameSize($expected, $marks);
        foreach ($marks as $i => $mark) {
            $this->assertLength($expected[$i]['near_face'], $mark->nearFace);
            $this->assertLength($expected[$i]['centre'], $mark->centre);
            $this->assertLength($expected[$i]['far_face'], $mark->farFace);
        }
    }
}
