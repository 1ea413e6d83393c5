<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Plan\PostId;

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
}
