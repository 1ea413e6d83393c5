<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SaysOnlyWhichPost;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;

/** A stake was moved: what was taped to it before counts as old. */
final readonly class StakeMoved implements Payload
{
    use SaysItUnderAnyPlan;
    use SaysOnlyWhichPost;

    public function questions(Known $known): array
    {
        return $known->isSet($this->post) ? [Question::doubtful(QuestionAbout::MovedAfterSet)] : [];
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'moved', Takes::Nothing, fn (SpokenPieces $pieces, Whom $of) => new self($of->post()), 'b2 moved'),
        ];
    }
}
