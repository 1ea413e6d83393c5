<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Plan\PostId;

/** A rule was knowingly waived, or a way chosen, and why. */
final readonly class Decision implements Payload
{
    use AsksNothing;

    /** @throws EntryRefused when no reason is given */
    public function __construct(public DecisionAbout $about, public ?PostId $post, public string $reason)
    {
        if (trim($reason) === '') {
            throw EntryRefused::decisionWithoutReason();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Decision;
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }
}
