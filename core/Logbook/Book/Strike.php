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

/** An earlier entry no longer counts. It stays in the book, struck, with the reason. */
final readonly class Strike implements Payload
{
    use AsksNothing;
    use SaysItUnderAnyPlan;

    /** @throws EntryRefused when no reason is given */
    public function __construct(public int $sequence, public string $reason)
    {
        if (trim($reason) === '') {
            throw EntryRefused::strikeWithoutReason();
        }
    }

    public function posts(): array
    {
        return [];
    }

    public function stored(): array
    {
        return ['sequence' => $this->sequence, 'reason' => $this->reason];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->whole('sequence'), $stored->text('reason'));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Job, 'strike', Takes::Something, fn (SpokenPieces $pieces, Whom $of, string $said) => preg_match(
                '/^(\d{1,9})(?: because (.*))?$/iu', $said, $found,
            ) === 1
                ? new self((int) $found[1], $found[2] ?? '')
                : null, 'strike 12 because read from the wrong nail'),
        ];
    }
}
