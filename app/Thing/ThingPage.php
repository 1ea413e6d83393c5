<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;
use Aequus\Plan\Plan;
use Aequus\Plan\Work\Crew;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use Aequus\Words\Thing\ThingWords;
use Aequus\Words\Thing\WorkStepWords;
use App\Drawing\PlanDrawing;
use App\Drawing\ProfileDrawing;

/**
 * What the answers of a job come to: figures with their reasons, the thing from the side and from above, and whether the plan was changed by
 * hand since.
 */
final readonly class ThingPage
{
    /** What is marked on the four faces of both posts, and ticked off there. */
    private const MARKED = [Figure::LineOnFirst, Figure::LineOnSecond, Figure::MarkAboveTheLine, Figure::MarkBelowTheLine];

    public ThingForm $form;

    /** @var list<string> in which order it is built */
    public array $order;

    /** @var list<array{?Length, Sentence, bool}> the number to carry to the place, what it is, and whether it is marked on all faces */
    public array $figures;

    public ProfileDrawing $drawing;

    public string $why;

    /** Whether the plan is no longer what the answers come to. */
    public bool $isChangedByHand;

    public function __construct(public Thing $thing, public Made $made, Heard $heard, public Plan $plan)
    {
        $this->form = new ThingForm($thing, $heard);
        $this->figures = self::figures($made);
        $this->drawing = new ProfileDrawing($made->profile, $heard->notation);
        $this->why = ThingWords::why($thing->kind());
        $this->order = array_map(WorkStepWords::of(...), [
            ...($plan->work->crew === Crew::Alone ? [WorkStep::GaugesFirst] : []), ...$thing->order($heard),
            ...($plan->work->crew === Crew::Alone && $this->isMoreThanOne() ? [WorkStep::BlocksUnderBeams] : []),
        ]);
        $spacings = fn (Plan $of): array => [
            $of->grid->columns->spacing()->gaps(), $of->grid->rows->spacing()->gaps(), $of->post, $of->standing, $of->hole->width,
        ];
        $this->isChangedByHand = $spacings($made->plan) != $spacings($plan);
    }

    /** Null for a plan that was not begun with a thing, or whose answers no longer come to anything. */
    public static function of(Thing $thing, Plan $plan): ?self
    {
        if ($plan->answers === null) {
            return null;
        }
        $heard = Heard::kept($plan->notation, $plan->sides, $thing->asks(), $plan->answers);
        try {
            return new self($thing, $thing->make($heard), $heard, $plan);
        } catch (Refusal) {
            return null;
        }
    }

    /** @return list<array{?Length, Sentence, bool}> */
    public static function figures(Made $made): array
    {
        $speech = new Speech($made->plan);

        return array_map(function (Fact $figure) use ($speech): array {
            $number = $figure->parts['number'] ?? null;

            return [$number instanceof Length ? $number : null, $speech->say($figure), in_array($figure->is, self::MARKED, true)];
        }, $made->figures);
    }

    public function isMoreThanOne(): bool
    {
        return count($this->plan->grid->posts) > 1;
    }

    public function above(): PlanDrawing
    {
        return PlanDrawing::ofPlan($this->plan);
    }
}
