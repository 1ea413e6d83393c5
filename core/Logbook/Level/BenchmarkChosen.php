<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;

/** The one thing every height is measured from, and the height it counts as. */
final readonly class BenchmarkChosen implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    public function __construct(public string $name, public Length $height)
    {
    }

    public function questions(Known $known): array
    {
        return $known->isLevelled() && ! $known->isCorrection() ? [Question::doubtful(QuestionAbout::BenchmarkAnew)] : [];
    }

    public function posts(): array
    {
        return [];
    }

    public function stored(): array
    {
        return ['name' => $this->name, 'height' => $this->height->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->text('name'), $stored->length('height'));
    }
}
