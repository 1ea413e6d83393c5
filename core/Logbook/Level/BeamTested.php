<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Slope;
use Aequus\Measure\Stored;

/** How much the line of sight of a laser or optical level was found to rise, by two pegs: it is taken out of rods whose distance is known. */
final readonly class BeamTested implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** An instrument this far out of true is no use before it is mended, rise over run. */
    private const STEEP = 1e-3;

    /** More than a hand in ten metres is no line of sight. */
    private const STEEPEST = 0.01;

    /** @throws EntryRefused when no instrument in use could be so far out */
    public function __construct(public Slope $rises)
    {
        if (abs($rises->ratio) > self::STEEPEST) {
            throw EntryRefused::beamTooSteep();
        }
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        return abs($this->rises->ratio) > self::STEEP
            ? [Question::doubtful(QuestionAbout::BeamSteep, 'rises', 1000 * abs($this->rises->ratio), 1000 * self::STEEP)] : [];
    }

    public function stored(): array
    {
        return ['rises' => $this->rises->ratio];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(Slope::ratio($stored->real('rises')));
    }
}
