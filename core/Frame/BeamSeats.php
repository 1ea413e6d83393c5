<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\FrameRules;

/** How the beams of all rows sit: alike, or a row’s own beam by its own size, its upper side level with the others. Millimetres. */
final readonly class BeamSeats
{
    public BeamSeat $usual;

    /** @var array<int, BeamSeat> by the number of the row */
    private array $ofRows;

    /**
     * @param  Length  $post  how thick a post is across the beams
     * @param  list<PostLine>  $lines
     */
    public function __construct(FrameRules $rules, Length $post, private array $lines)
    {
        $this->usual = new BeamSeat($rules, $post);
        $seats = [];
        foreach ($lines as $line) {
            $seats[$line->number] = new BeamSeat($rules, $post, $line->number);
        }
        $this->ofRows = $seats;
    }

    public function of(PostLine $line): BeamSeat
    {
        return $this->ofRows[$line->number];
    }

    public function first(): BeamSeat
    {
        return $this->ofRows[1] ?? $this->usual;
    }

    public function last(): BeamSeat
    {
        return $this->ofRows[count($this->lines)] ?? $this->usual;
    }

    /** @return array<int, float> by how much the tops of each row lie under those of rows with the usual beam, by the row’s number */
    public function lower(): array
    {
        return array_map(fn (BeamSeat $seat) => $seat->over - $this->usual->over, $this->ofRows);
    }

    /** The underside of a line’s beam over the plane of the tops. */
    public function up(PostLine $line): float
    {
        return $this->of($line)->beamUp - $this->lower()[$line->number];
    }
}
