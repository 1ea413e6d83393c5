<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;

/** One measure taken again by an independent route before a point of no return, and by how much it differs from what is in the book. */
final readonly class CrossChecked implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** A check so far off is more likely read at another mark, mm. */
    private const FAR = 300.0;

    public function __construct(public PointOfNoReturn $before, public CheckRoute $route, public Length $off)
    {
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        return $this->off->magnitude()->inMillimetres() > self::FAR
            ? [
                Question::doubtful(
                    QuestionAbout::CheckFarOff, 'off', $this->off->magnitude(), Length::zero(),
                    $known->guesses()->ofMisfit($this->off->inMillimetres(), 6.0),
                ),
            ] : [];
    }

    public function stored(): array
    {
        return ['before' => $this->before->value, 'route' => $this->route->value, 'off' => $this->off->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->case('before', PointOfNoReturn::class), $stored->case('route', CheckRoute::class), $stored->length('off'));
    }
}
