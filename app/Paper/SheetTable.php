<?php

declare(strict_types=1);

namespace App\Paper;

/** What stands on one sheet: columns, and lines with room to write. */
final readonly class SheetTable
{
    /**
     * @param  list<string>  $head
     * @param  list<list<string>>  $rows  as wide as the head; an empty cell is room to write
     * @param  list<int>  $big  columns whose figures are read from a step away
     * @param  string  $empty  why there is none; empty where there are rows
     */
    public function __construct(
        public Sheet $sheet, public string $how, public array $head, public array $rows, public array $big = [], public string $empty = '',
    ) {
    }
}
