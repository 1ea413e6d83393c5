<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;

/** Members in one line, out of the stock lengths of their section: over posts as they were cast, or over whatever bears them. */
final readonly class JoinedLines
{
    /**
     * @param  ByPost<AsCast>  $cast
     * @param  float  $steep  how much longer than level what runs along the beams is
     */
    public function __construct(private Plan $plan, private FrameRules $rules, private ByPost $cast, private float $steep)
    {
    }

    public function asCast(PostLine $line): RowAsCast
    {
        return RowAsCast::of($line->posts, $this->cast, $this->plan);
    }

    /**
     * A line over posts, by what was cast.
     *
     * @return array{non-empty-list<non-empty-list<Length>>, list<Fact>} pieces of each ply
     */
    public function overPosts(Layer $layer, PostLine $line, Length $past, int $plies): array
    {
        $row = $this->asCast($line);

        return $this->along(
            $layer, $row->reach->plus($past->times(2)),
            array_map(fn (Bearing $one) => new Bearing($one->name, $one->at->plus($past)), $row->bearings), $plies,
        );
    }

    /**
     * Along the beams, measured level: longer where their tops rise.
     *
     * @param  list<Bearing>  $bearings
     * @return array{non-empty-list<non-empty-list<Length>>, list<Fact>} pieces of each ply, and what hinders
     */
    public function along(Layer $layer, Length $level, array $bearings, int $plies): array
    {
        return $this->joined(
            $layer, $level->times($this->steep), array_map(fn (Bearing $one) => new Bearing($one->name, $one->at->times($this->steep)), $bearings),
            $plies,
        );
    }

    /**
     * Out of the stock lengths of its section; in one piece where nobody named any, or none reaches.
     *
     * @param  list<Bearing>  $bearings
     * @return array{non-empty-list<non-empty-list<Length>>, list<Fact>} pieces of each ply, and what hinders
     */
    public function joined(Layer $layer, Length $long, array $bearings, int $plies): array
    {
        $stocks = $this->rules->stocks[$layer->section()] ?? [];
        $whole = array_fill(0, max(1, $plies), [$long]);
        if ($stocks === []) {
            return [$whole, []];
        }
        try {
            $line = BeamLine::over($long, $bearings, $stocks, $plies);
            $shared = array_values(array_unique(array_map(fn (array $one) => $one[1], $line->shared)));

            return [array_map(fn (JointedPly $ply) => array_map(fn (array $piece) => $piece[0], $ply->pieces), $line->plies), array_map(
                fn (string $at) => $layer->kind === LayerKind::Beam ? Fact::of(FrameRefusal::PliesJoinedTogether, post: $at)
                    : Fact::of(FrameRefusal::RowsShareAJoist, joist: $at),
                $shared,
            )];
        } catch (FrameRefused $refused) {
            return [$whole, [$refused->fact]];
        }
    }
}
