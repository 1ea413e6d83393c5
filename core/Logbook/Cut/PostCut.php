<?php

declare(strict_types=1);

namespace Aequus\Logbook\Cut;

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
use Aequus\Plan\Posts\PostId;

/** A post was cut at its mark. */
final readonly class PostCut implements Payload
{
    use SaysItUnderAnyPlan;
    use SaysOnlyWhichPost;

    public function questions(Known $known): array
    {
        $short = array_values(array_filter($known->shortPosts(), fn (PostId $post) => ! $known->isCut($post)));
        $onTrestle = $known->plan()->holding?->customs->build?->isCutFirst() ?? false;

        return array_values(array_filter([
            $onTrestle || $known->isSet($this->post) ? null : Question::doubtful(QuestionAbout::CutBeforeSet),
            $onTrestle || $known->isHard($this->post) ? null : Question::doubtful(QuestionAbout::CutBeforeHard),
            $short === [] ? null : Question::doubtful(QuestionAbout::CutWhileAnotherIsShort, posts: $short),
        ]));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'cut', Takes::Nothing, fn (SpokenPieces $pieces, Whom $of) => new self($of->post()), 'b2 cut', place: 9),
        ];
    }
}
