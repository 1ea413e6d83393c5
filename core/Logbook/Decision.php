<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** A rule was knowingly waived, or a way chosen, and why. */
final readonly class Decision implements Payload
{
    use AsksNothing;

    /**
     * @param  ?Length  $lesser  what holds instead, where a least embedment is left aside
     *
     * @throws EntryRefused when no reason is given
     */
    public function __construct(public DecisionAbout $about, public ?PostId $post, public string $reason, public ?Length $lesser = null)
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
