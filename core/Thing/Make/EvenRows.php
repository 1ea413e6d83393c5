<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/** Bays as even as few: so many that none is wider than what lies on them reaches. */
final class EvenRows
{
    /**
     * @return list<Length>
     *
     * @throws ThingRefused at the question of the whole, when posts so thick leave no bay
     */
    public static function atMost(Length $between, Length $largest, Length $post, Ask $whole): array
    {
        return $between->isLongerThan($post)
            ? Spacing::overall($between, TapeHeld::Centre, $post, Spacing::fewestBays($between, $largest))->gaps()
                : throw ThingRefused::nothingStands($whole);
    }
}
