<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefusal;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;

/** Where a pier or post that can’t move any more really stands: off its mark on the strings, both ways. */
final readonly class AsCast implements Payload
{
    /** A cast so far off its mark is asked about, mm. */
    private const FAR = 150.0;

    /** Further off its mark it was not cast askew but somewhere else, mm. */
    private const ELSEWHERE = 1219.2;

    /**
     * @param  Length  $alongX  toward +x positive
     * @param  Length  $alongY  toward +y positive
     */
    public function __construct(public PostId $post, public Length $alongX, public Length $alongY)
    {
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        $off = Length::millimetres(hypot($this->alongX->inMillimetres(), $this->alongY->inMillimetres()));

        return $off->inMillimetres() > self::FAR
            ? [Question::doubtful(QuestionAbout::CastFar, 'off', $off, Length::zero(), $known->guesses()->ofMisfit($off->inMillimetres(), 6.0))] : [];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'along_x' => $this->alongX->nanometres, 'along_y' => $this->alongY->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::of($stored->text('post')), $stored->length('along_x'), $stored->length('along_y'));
    }

    public function checkUnder(Plan $plan): void
    {
        if (max($this->alongX->magnitude()->inMillimetres(), $this->alongY->magnitude()->inMillimetres()) > self::ELSEWHERE) {
            throw EntryRefused::because(EntryRefusal::CastElsewhere);
        }
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'cast', Takes::Something, self::spoken(...), 'b2 cast {} east and {} lane', [[6, 0.25], [3, 0.125]],
                sidesAfter: '[^a-z]+',
            ),
        ];
    }

    /** “1/4 east and 1/8 lane”: off its mark, one way or both */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        $off = [Length::zero(), Length::zero()];
        foreach (preg_split('/ and |, /i', $said) ?: [] as $piece) {
            // Off the strings of the job, whichever way the post itself looks.
            [$much, $toward] = $pieces->ofTheJob()->toward($piece);
            $axis = $toward->isAlongX() ? 0 : 1;
            if (! $off[$axis]->isZero()) {
                throw EntryRefused::lineTwiceOneWay($said);
            }
            $off[$axis] = $pieces->length($much)->times($toward->sign());
        }

        return new self($of->post(), $off[0], $off[1]);
    }
}
