<?php

declare(strict_types=1);

namespace Aequus\Logbook\Book;

use Aequus\Logbook\Kind\AsksNothing;
use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;

/** A rule was knowingly waived, or a way chosen, and why. */
final readonly class Decision implements Payload
{
    use AsksNothing;

    /**
     * @param  ?Length  $lesser  what holds instead, where a least embedment is left aside; how near it was when a distance was taken
     * @param  ?string  $thing  on the site, whose distance is taken as it is: that says nothing about another
     *
     * @throws EntryRefused when no reason is given
     */
    public function __construct(
        public DecisionAbout $about, public ?PostId $post, public string $reason, public ?Length $lesser = null, public ?string $thing = null,
    ) {
        if (trim($reason) === '') {
            throw EntryRefused::decisionWithoutReason();
        }
    }

    /** A distance taken as the plan has it now; a plan that brings the post nearer asks again. */
    public static function ofDistance(Plan $plan, ?PostId $post, string $reason, ?string $thing): self
    {
        $stands = $post === null ? null : $plan->grid->find($post);
        $room = $stands === null || $thing === null ? null : $plan->onSite($thing)?->room($stands, $plan->sectionOf($stands));

        return new self(DecisionAbout::AcceptDistance, $post, $reason, $room, $thing);
    }

    /** Whether it speaks of that thing on the site; of none where none is meant. */
    public function isOf(?string $thing): bool
    {
        return mb_strtolower($this->thing ?? '') === mb_strtolower($thing ?? '');
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }

    public function stored(): array
    {
        return [
            'about' => $this->about->value, 'post' => $this->post?->value, 'reason' => $this->reason, 'lesser' => $this->lesser?->nanometres,
        ] + ($this->thing === null ? [] : ['thing' => $this->thing]);
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->case('about', DecisionAbout::class), PostId::orNone($stored->textOrNone('post')), $stored->text('reason'),
            $stored->lengthOrNone('lesser'), $stored->textOrNone('thing'),
        );
    }

    public function checkUnder(Plan $plan): void
    {
        if ($this->about === DecisionAbout::WaiveEmbedment && ($this->lesser === null || ! $this->lesser->isPositive())) {
            throw EntryRefused::lesserEmbedmentMissing();
        }
        if ($this->about === DecisionAbout::AcceptDistance && ($this->thing === null || $plan->onSite($this->thing) === null)) {
            throw EntryRefused::distanceToWhat($this->thing ?? '');
        }
        $post = $this->post === null ? null : $plan->grid->find($this->post);
        $role = $post === null ? null : $plan->roleOf($post);
        if ($this->about === DecisionAbout::AcceptShortHole && $role !== null && $role->isNeverShortened()) {
            throw EntryRefused::neverShortened($role);
        }
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, '', Takes::Something, self::spoken(...), 'b2 take the lean because a screen hides it'),
            new Phrase(Called::Post, '', Takes::Something, self::spoken(...), 'b2 take the distance to road edge because the office said so'),
            new Phrase(Called::Job, '', Takes::Something, self::spoken(...), 'take the layout because it is a fence'),
        ];
    }

    /** “take the lean because …”: as many words as tell one decision from all others; a distance says to what. */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): ?self
    {
        if (! preg_match('/^(.+?)(?: to (.+?))?(?: because (.*))?$/iu', $said, $found)) {
            return null;
        }
        $meant = array_values(
            array_filter(
                DecisionAbout::cases(), fn (DecisionAbout $about) => str_starts_with(mb_strtolower($about->spoken()), mb_strtolower($found[1])),
            ),
        );

        [$thing, $reason] = [($found[2] ?? '') === '' ? null : $found[2], $found[3] ?? ''];

        return match (true) {
            count($meant) !== 1 || ($thing !== null && $meant[0] !== DecisionAbout::AcceptDistance) => null,
            $meant[0] === DecisionAbout::AcceptDistance => self::ofDistance($pieces->plan, $of->postOrNone(), $reason, $thing),
            default => new self($meant[0], $of->postOrNone(), $reason),
        };
    }
}
