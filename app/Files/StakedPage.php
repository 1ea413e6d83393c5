<?php

declare(strict_types=1);

namespace App\Files;

use Aequus\Measure\Length;
use App\Exchange\AsStaked;
use App\Type\Say;

/** What a total station’s file says, line by line, before anything of it is stored. */
final readonly class StakedPage
{
    /** Posts are named up to so many. */
    private const NAMED = 30;

    public function __construct(private AsStaked $read, public string $table, public string $order)
    {
    }

    /** @return list<array{string, Length, Length}> how far each stake stands off its place, along x and y */
    public function stakes(): array
    {
        return array_map(
            fn (array $one) => [$one[0]->label, Length::millimetres(round($one[2]->x, 1)), Length::millimetres(round($one[2]->y, 1))],
            $this->read->stakes,
        );
    }

    /** Of which posts the file says nothing that is taken, in words; empty where of none. */
    public function lacking(): string
    {
        $lacking = $this->read->lacking;

        return $lacking === [] ? '' : Say::text(
            'files.staked_lacking', count: count($lacking), posts: implode(', ', array_slice($lacking, 0, self::NAMED)).(count($lacking) > self::NAMED ? ' …' : ''),
        );
    }

    /** @return list<array{string, string}> what a line said, and why it is left out */
    public function left(): array
    {
        return array_map(fn (array $one) => [$one[0], Say::text("files.staked_{$one[1]->value}")], $this->read->left);
    }
}
