<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;

/** Where one string leaves its board. */
final readonly class Nail
{
    /**
     * @param  string  $line  letter of the column or number of the row
     * @param  Length  $mark  of the post centres, from the one zero of the marks
     * @param  Length  $centre  the centre mark, from the near end of the board
     * @param  Length  $nail  where the nail goes, from the near end of the board
     * @param  Length  $fromCentre  from the centre mark to the nail, along the board: what it shifts by when the string goes to the face
     */
    public function __construct(
        public string $line,
        public Length $mark,
        public Length $centre,
        public Length $nail,
        public Length $fromCentre,
    ) {
    }
}
