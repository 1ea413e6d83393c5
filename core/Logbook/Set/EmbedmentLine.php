<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;

/** Where a line that was drawn on a post, so far up from its foot, stands to the ground now that the post stands: it tells hole and foot at once. */
final readonly class EmbedmentLine implements Payload
{
    use SaysItUnderAnyPlan;

    /**
     * @param  Length  $up  from the foot of the post to the line on it
     * @param  Length  $over  of the line over today’s ground; below zero where it went under
     *
     * @throws EntryRefused when the line is not above the foot
     */
    public function __construct(public PostId $post, public Length $up, public Length $over)
    {
        if (! $up->isPositive()) {
            throw EntryRefused::lineNotAboveFoot();
        }
    }

    /** How deep the foot stands under today’s ground. */
    public function embedded(): Length
    {
        return $this->up->minus($this->over);
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        return Question::unlessSet($known, $this->post);
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'up' => $this->up->nanometres, 'over' => $this->over->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::of($stored->text('post')), $stored->length('up'), $stored->length('over'));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'embed', Takes::Something, self::spoken(...), 'b2 embed {} at {} below', [[1020, 40], [12, 0.5]],
            ),
        ];
    }

    /** “1020 at 12 above”: the line’s height over the foot, and where it is to the ground; null where the second is not said */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): ?self
    {
        if (! preg_match('/^(.+?) at (?:(ground)|(.+?) (above|below))(?: ground)?$/iu', $said, $found)) {
            return null;
        }
        $off = ($found[2] ?? '') !== '' ? Length::zero() : $pieces->length($found[3] ?? '');

        return new self($of->post(), $pieces->length($found[1]), mb_strtolower($found[4] ?? '') === 'below' ? $off->negated() : $off);
    }
}
