<?php

declare(strict_types=1);

namespace Aequus\Logbook\Frame;

use Aequus\Logbook\Kind\AsksNothing;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Frame\Layer;

/** A board was cut wrong, or was no good: the pieces that did not come out of it are wanted again. */
final readonly class BoardSpoiled implements Payload
{
    use AsksNothing;
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /**
     * @param  Length  $one  a side of its section
     * @param  list<Length>  $lost  pieces it was to give and did not
     * @param  ?Length  $left  of it that is still good; null for nothing
     *
     * @throws EntryRefused when nothing is lost, or more is left than there was
     */
    public function __construct(public Length $one, public Length $other, public Length $board, public array $lost, public ?Length $left)
    {
        if ($lost === []) {
            throw EntryRefused::nothingLost();
        }
        if ($left !== null && (! $left->isPositive() || $left->isLongerThan($board))) {
            throw EntryRefused::moreLeftThanThereWas($board);
        }
    }

    /** See Layer::key. */
    public function section(): string
    {
        return Layer::key($this->one, $this->other);
    }

    public function posts(): array
    {
        return [];
    }

    public function stored(): array
    {
        return [
            'one' => $this->one->nanometres, 'other' => $this->other->nanometres, 'board' => $this->board->nanometres,
            'lost' => array_map(fn (Length $piece) => $piece->nanometres, $this->lost),
            'left' => $this->left?->nanometres,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->length('one'), $stored->length('other'), $stored->length('board'), array_values($stored->lengths('lost')),
            $stored->lengthOrNone('left'),
        );
    }
}
