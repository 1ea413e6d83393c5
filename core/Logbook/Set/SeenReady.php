<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\AsksNothing;
use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryKind;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Plan\Posts\PostId;

/** Somebody saw to one thing that must be there before a pour, for one post or for the job. */
final readonly class SeenReady implements Payload
{
    use AsksNothing;
    use SaysItUnderAnyPlan;

    public function __construct(public ReadyItem $item, public ?PostId $post)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::Ready;
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }

    public function stored(): array
    {
        return ['item' => $this->item->value, 'post' => $this->post?->value];
    }

    public static function fromStored(array $stored): self
    {
        return new self(ReadyItem::from($stored['item']), isset($stored['post']) ? PostId::of($stored['post']) : null);
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'ready', Takes::Something, self::spoken(...), 'b2 ready foot', 'b2 ready foot', 6, array_column(ReadyItem::cases(), 'value')),
            new Phrase(Called::Job, 'ready', Takes::Something, self::spoken(...), 'ready weather', 'ready weather', 0, array_column(ReadyItem::cases(), 'value')),
        ];
    }

    /** @param  list<?PostId>  $of */
    private static function spoken(SpokenPieces $pieces, array $of, string $said): self
    {
        return new self(ReadyItem::tryFrom(strtolower($said)) ?? throw EntryRefused::lineReady($said), $of[0] ?? null);
    }
}
