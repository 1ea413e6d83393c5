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
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Place\Segment;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;

/** A buried line as it was marked or is known, with the distance each side in which no machine digs. */
final readonly class ServiceLine implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** From the nearest post, mm: what passes further away touches no hole. */
    private const FAR = 30000.0;

    /** A band that no rule asks for, mm. */
    private const WIDE = 3000.0;

    /**
     * @param  list<Point>  $points  at least two
     * @param  ?Point  $origin  of the plan it was drawn on; null for that of the first
     *
     * @throws EntryRefused when it is not a line, or the distance is negative
     */
    public function __construct(
        public ServiceType $type,
        public string $name,
        public Length $noDig,
        public array $points,
        public ?Point $origin = null,
    ) {
        if (count($points) < 2) {
            throw EntryRefused::lineNeedsTwoPoints();
        }
        if ($noDig->isNegative()) {
            throw EntryRefused::noDigNegative();
        }
    }

    public function questions(Known $known): array
    {
        $here = $this->on($known->plan());
        $nearest = INF;
        foreach ($known->plan()->grid->posts as $post) {
            foreach (Segment::pieces($here->points) as $piece) {
                $nearest = min($nearest, $piece->distanceTo($post->at)->inMillimetres());
            }
        }

        return [
            ...($nearest > self::FAR ? [Question::doubtful(QuestionAbout::ServiceFarAway, 'points', Length::millimetres($nearest))] : []),
            ...($this->noDig->isZero() ? [Question::doubtful(QuestionAbout::NoDigNone, 'no_dig')] : []),
            ...($this->noDig->inMillimetres() > self::WIDE ? [Question::doubtful(QuestionAbout::NoDigWide, 'no_dig', $this->noDig)] : []),
        ];
    }

    /** Where it lies on a plan whose zero may lie elsewhere. */
    public function on(Plan $plan): self
    {
        [$x, $y] = [$plan->origin->x->minus($this->origin->x ?? Length::zero()), $plan->origin->y->minus($this->origin->y ?? Length::zero())];
        $points = array_map(fn (Point $at) => new Point($at->x->minus($x), $at->y->minus($y)), $this->points);

        return new self($this->type, $this->name, $this->noDig, $points, $plan->origin);
    }

    public function posts(): array
    {
        return [];
    }

    public function stored(): array
    {
        return [
            'type' => $this->type->value, 'name' => $this->name, 'no_dig' => $this->noDig->nanometres,
            'points' => array_map(fn (Point $p) => [$p->x->nanometres, $p->y->nanometres], $this->points),
            'origin' => $this->origin === null ? null : [$this->origin->x->nanometres, $this->origin->y->nanometres],
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->case('type', ServiceType::class), $stored->text('name'), $stored->length('no_dig'),
            array_map(Point::fromStored(...), $stored->each('points')), $stored->has('origin') ? Point::fromStored($stored->in('origin')) : null,
        );
    }
}
