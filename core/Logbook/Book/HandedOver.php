<?php

declare(strict_types=1);

namespace Aequus\Logbook\Book;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;

/** The work was handed over, to whom and with what remark. */
final readonly class HandedOver implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** @throws EntryRefused when nobody is named */
    public function __construct(public string $to, public string $remark)
    {
        if (trim($to) === '') {
            throw EntryRefused::handedToNobody();
        }
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        if ($known->madeUp() > 0) {
            return [Question::impossible(QuestionAbout::HandedOverMadeUp, 'to')];
        }

        return $known->isUnfinished() ? [Question::doubtful(QuestionAbout::HandedOverUnfinished)] : [];
    }

    public function stored(): array
    {
        return ['to' => $this->to, 'remark' => $this->remark];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->text('to'), $stored->text('remark'));
    }
}
