<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;

/** How far a face is turned off the line it should look along: a gap over a length, clockwise from above positive. */
final readonly class TwistRead implements Payload
{
    use SaysItUnderAnyPlan;

    /** A face turned more than one in so many is asked about. */
    private const ASKED = 10;

    /** @throws EntryRefused when it was read over no length, or turns more than a face can */
    public function __construct(public PostId $post, public Length $gap, public Length $over)
    {
        if (! $over->isPositive()) {
            throw EntryRefused::levelWithoutLength();
        }
        if ($gap->magnitude()->isLongerThan($over)) {
            throw EntryRefused::gapOutOfRange();
        }
    }

    public function slope(): Slope
    {
        return Slope::fromGap($this->gap, $this->over);
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        $ratio = abs($this->slope()->ratio);

        return [
            ...($ratio > 1 / self::ASKED ? [Question::doubtful(QuestionAbout::TwistLarge, 'twist', 1 / $ratio, (float) self::ASKED)] : []),
            ...Question::unlessSet($known, $this->post),
        ];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'gap' => $this->gap->nanometres, 'over' => $this->over->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::of($stored->text('post')), $stored->length('gap'), $stored->length('over'));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'twist', Takes::Something, function (SpokenPieces $pieces, Whom $of, string $said): self {
                [$gap, $over] = array_pad(preg_split('/ over /i', $said) ?: [], 2, '');

                return new self($of->post(), $pieces->length($gap ?? ''), $pieces->length($over ?? ''));
            }, 'c3 twist {} over {}', [[6, 0.25], [140, 6]]),
        ];
    }
}
