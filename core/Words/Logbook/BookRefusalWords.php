<?php

declare(strict_types=1);

namespace Aequus\Words\Logbook;

use Aequus\Logbook\Kind\BookRefusal;

/** What was wrong, where, and what to enter instead. */
final class BookRefusalWords
{
    public static function of(BookRefusal $is): string
    {
        return match ($is) {
            BookRefusal::OtherContent => 'This form was already stored, as entry {sequence}, with other content: {content}. '
                .'Open the page again and enter it again.',
            BookRefusal::PostNotInPlan => 'A post named here is not in the plan any more (revision {revision}). Choose another post, or '
                .'change the plan.',
            BookRefusal::NothingThere => 'There is no entry {sequence} in this logbook.',
            BookRefusal::CorrectedBefore => 'That entry was already corrected, by entry {sequence}. Correct that one instead.',
            BookRefusal::OtherKind => 'Entry {sequence} is of another kind, so this can’t stand in its place.',
            BookRefusal::PlanMovedOn => 'The plan was changed meanwhile: revision {revision}, “{reason}”. Look at it first; what you '
                .'typed still stands here.',
            BookRefusal::BookFull => 'This book holds {most} entries, and no more fit: its pages would be too slow. Plan the rest as a job of its '
                .'own. '
                .'Striking and handing over still go.',
            BookRefusal::PicturesFull => 'This job holds {most: 1 picture|# pictures}, and no more fit. Keep further ones beside the job.',
        };
    }
}
