<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

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
use Aequus\Plan\Holding\Hold;

/** A post stands in its hole, on its foot, braced or filled. */
final readonly class PostSet implements Payload
{
    use SaysItUnderAnyPlan;
    use SaysOnlyWhichPost;

    public function questions(Known $known): array
    {
        $hold = $known->plan()->holdOf($this->post);

        return match (true) {
            $known->dugDepth($this->post) === null && $hold->isDug() => [Question::doubtful(QuestionAbout::SetBeforeDug)],
            $hold === Hold::Pier
                && ! ($known->isFilled($this->post) && $known->isHard($this->post)) => [Question::doubtful(QuestionAbout::SetOnFreshPier)],
            default => [],
        };
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'set', Takes::Nothing, fn (SpokenPieces $pieces, Whom $of) => new self($of->post()), 'b2 set', place: 5),
        ];
    }
}
