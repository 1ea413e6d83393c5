<?php

declare(strict_types=1);

namespace Aequus\Logbook\Book;

use Aequus\Logbook\Kind\AsksNothing;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;

/** A picture of a post or of the job at one phase, kept beside the book under the fingerprint of its bytes. */
final readonly class PictureTaken implements Payload
{
    use AsksNothing;
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** @throws EntryRefused when the fingerprint is none */
    public function __construct(public ?PostId $post, public string $phase, public string $fingerprint, public string $says = '')
    {
        if (preg_match('/^[0-9a-f]{64}$/', $fingerprint) !== 1) {
            throw EntryRefused::pictureWithoutFingerprint();
        }
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }

    public function stored(): array
    {
        return ['post' => $this->post?->value, 'phase' => $this->phase, 'fingerprint' => $this->fingerprint, 'says' => $this->says];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::orNone($stored->textOrNone('post')), $stored->text('phase'), $stored->text('fingerprint'), $stored->text('says'));
    }
}
