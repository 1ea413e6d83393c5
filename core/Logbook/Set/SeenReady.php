<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\AsksNothing;
use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;

/** Somebody saw to one thing that must be there before a pour, for one post or for the job. */
final readonly class SeenReady implements Payload
{
    use AsksNothing;
    use SaysItUnderAnyPlan;

    public function __construct(public ReadyItem $item, public ?PostId $post)
    {
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }

    public function stored(): array
    {
        return ['item' => $this->item->value, 'post' => $this->post?->value];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->case('item', ReadyItem::class), PostId::orNone($stored->textOrNone('post')));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'ready', Takes::Something, self::spoken(...), 'b2 ready foot', place: 6,
                words: array_column(ReadyItem::cases(), 'value'),
            ),
            new Phrase(
                Called::Job, 'ready', Takes::Something, self::spoken(...), 'ready weather',
                words: array_column(ReadyItem::cases(), 'value'),
            ),
        ];
    }

    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        return new self(ReadyItem::tryFrom(strtolower($said)) ?? throw EntryRefused::lineReady($said), $of->postOrNone());
    }
}
