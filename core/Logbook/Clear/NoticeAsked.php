<?php

declare(strict_types=1);

namespace Aequus\Logbook\Clear;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;
use DateTimeImmutable;

/** Utility marks were asked for. */
final readonly class NoticeAsked implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** More working days than this are asked about. */
    private const MANY_DAYS = 15;

    /** A notice asked for longer ago has run out in most places. */
    private const LONG_AGO_DAYS = 60;

    /**
     * @param  string  $askedOn  the day, as YYYY-MM-DD in the job's zone
     * @param  int  $workingDays  full working days that must pass before digging
     * @param  string  $reference  the number the marking desk gave, may be empty
     *
     * @throws EntryRefused when the days can't be
     */
    public function __construct(public string $askedOn, public int $workingDays, public string $reference)
    {
        if ($workingDays < 0 || $workingDays > 60) {
            throw EntryRefused::noticeDays($workingDays);
        }
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        $ago = (int) (new DateTimeImmutable($this->askedOn))->diff(new DateTimeImmutable($known->today()))->format('%r%a');

        return array_values(array_filter([
            $ago < 0 ? Question::impossible(QuestionAbout::NoticeInTheFuture, 'asked_on') : null,
            $ago > self::LONG_AGO_DAYS ? Question::doubtful(QuestionAbout::NoticeLongAgo, 'asked_on', (float) $ago) : null,
            $this->workingDays > self::MANY_DAYS
                ? Question::doubtful(QuestionAbout::NoticeDaysMany, 'working_days', (float) $this->workingDays) : null,
        ]));
    }

    public function stored(): array
    {
        return ['asked_on' => $this->askedOn, 'working_days' => $this->workingDays, 'reference' => $this->reference];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->text('asked_on'), $stored->whole('working_days'), $stored->text('reference'));
    }
}
