<?php

declare(strict_types=1);

namespace Aequus\Logbook\Book;

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

/** A note in the builder’s own words. */
final readonly class Remark implements Payload
{
    use AsksNothing;
    use SaysItUnderAnyPlan;

    /** @throws EntryRefused when nothing is said */
    public function __construct(public ?PostId $post, public string $text)
    {
        if (trim($text) === '') {
            throw EntryRefused::nothingSaid();
        }
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }

    public function stored(): array
    {
        return ['post' => $this->post?->value, 'text' => $this->text];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::orNone($stored->textOrNone('post')), $stored->text('text'));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'note', Takes::Anything, self::spoken(...), 'b2 note split at the foot', place: 10),
            new Phrase(Called::Job, 'note', Takes::Anything, self::spoken(...), 'note rain from noon'),
        ];
    }

    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        return new self($of->postOrNone(), $said);
    }
}
