<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;

/**
 * What is called of two: a tape, “a1-c3 36' 10 1/4”; one between standing posts, “a1-c3 top 36' 10”; or how much higher the second is than the
 * first, “a1-b1 board 3/8 up over 8'”, “bench-b1 water 2 down”, “a1-e1 string 1/2 up over 40' hung at 10'”.
 */
final readonly class SpokenPair
{
    private const INSTRUMENTS = ['board' => LevelInstrument::Board, 'water' => LevelInstrument::Water, 'string' => LevelInstrument::LineLevel];

    /** @param  TapeClass  $tape  taken where a line names none */
    public function __construct(private SpokenPieces $pieces, private TapeClass $tape)
    {
    }

    /** @throws EntryRefused when the two do not go with what is said of them */
    public function read(string $one, string $other, string $said): Payload
    {
        if (preg_match('/^(board|water|string) (?:level|(.+?) (up|down))(?: over (.+?))?(?: hung (?:at )?(.+?))?( turned)?$/i', $said, $found)) {
            return $this->difference($one, $other, $found);
        }
        if (in_array('bench', [strtolower($one), strtolower($other)], true)) {
            throw EntryRefused::lineFromTheBench();
        }
        [$from, $to] = [$this->pieces->post($one), $this->pieces->post($other)];
        if (preg_match('/^(tops?|ground) (.+)$/i', $said, $found)) {
            return new SpacingRead($from, $to, strtolower($found[1]) === 'ground' ? SpacingAt::Ground : SpacingAt::Top, $this->pieces->length($found[2]));
        }

        return new TapeReading($from, $to, $this->pieces->length($said), $this->tape);
    }

    /** @param  array<string>  $found  instrument, how much, up or down, over, hung at, turned */
    private function difference(string $one, string $other, array $found): HeightDifference
    {
        $instrument = self::INSTRUMENTS[strtolower($found[1])];
        $read = ($found[2] ?? '') === '' ? Length::zero() : $this->pieces->length($found[2])->times(strtolower($found[3]) === 'down' ? -1 : 1);
        $typed = fn (int $piece): ?Length => ($found[$piece] ?? '') === '' ? null : $this->pieces->length($found[$piece]);

        return new HeightDifference(
            $this->point($one), $this->point($other), $read, $instrument, $instrument === LevelInstrument::Water ? null : $typed(4),
            ($found[6] ?? '') === '' ? LevelWay::AsMarked : LevelWay::Turned, $instrument === LevelInstrument::LineLevel ? $typed(5) : null,
        );
    }

    private function point(string $said): LevelPoint
    {
        return strtolower($said) === 'bench' ? LevelPoint::benchmark() : LevelPoint::of($this->pieces->post($said));
    }
}
