<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Plan\PostId;

/** A step of filling one hole, with what went in and how warm it was. */
final readonly class PostFilled implements Payload
{
    /**
     * @param  ?int  $bags  that went in
     * @param  ?float  $celsius  of the air, or of the concrete where it was measured
     *
     * @throws EntryRefused when bags or temperature can't be
     */
    public function __construct(public PostId $post, public FillStep $step, public ?int $bags = null, public ?float $celsius = null)
    {
        if ($bags !== null && ($bags < 0 || $bags > 500)) {
            throw EntryRefused::bagsOutOfRange();
        }
        if ($celsius !== null && ($celsius < -40 || $celsius > 60)) {
            throw EntryRefused::temperatureOutOfRange();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Filled;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
