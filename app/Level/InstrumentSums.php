<?php

declare(strict_types=1);

namespace App\Level;

use Aequus\Level\BoardLevel;
use Aequus\Level\LevelString;
use Aequus\Level\TwoPegTest;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Plan;
use App\Type\Say;
use App\View\QueryForm;

/** Tests of levels before they are trusted, asked in the address and answered on the page; nothing of them is stored. */
final readonly class InstrumentSums
{
    /** The fields of the test by two pegs, in the order TwoPegTest takes them. */
    public const TWO_PEGS = ['a_1', 'b_1', 'a_2', 'b_2', 'to_a_1', 'to_b_1', 'to_a_2', 'to_b_2'];

    public Length $board;

    /** Of a spirit level, over the board: positive where it shows the second end too high; null until asked. */
    public ?Length $turned;

    /** Of a laser’s line of sight; null until asked. */
    public ?Slope $sight;

    public ?LevelString $string;

    /** Where the line level hung, from the first end; null for the middle. */
    public ?Length $hungAt;

    public function __construct(public QueryForm $sums, Plan $plan)
    {
        $usual = $plan->notation->system()->board;
        $board = ($sums->lengths(['board']) ?? [$usual])[0];
        if (! $board->isPositive()) {
            $sums->refusals['board'] = Say::text('level.instrument_sums.a_board_has_a_length');
        }
        $this->board = $board->isPositive() ? $board : $usual;
        $turned = $sums->lengths(['one_way', 'other_way']);
        $this->turned = $turned === null ? null : BoardLevel::ownError($turned[0], $turned[1]);
        $pegs = $sums->lengths(self::TWO_PEGS);
        $this->sight = $pegs === null ? null : $sums->attempt('to_a_2', fn () => TwoPegTest::error(...$pegs));
        $string = $sums->lengths(['string']);
        $this->string = $string === null || ! $string[0]->isPositive() ? null : new LevelString($string[0]);
        $hung = $sums->typed('hung') === '' ? null : $sums->lengths(['hung']);
        $this->hungAt = $hung[0] ?? null;
    }
}
