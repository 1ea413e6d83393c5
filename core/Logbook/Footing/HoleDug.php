<?php

declare(strict_types=1);

namespace Aequus\Logbook\Footing;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\Section;

/** How deep a hole is, from today’s ground to its clean bottom, and what it met. */
final readonly class HoleDug implements Payload
{
    /** No auger and no arm reaches deeper, mm. */
    public const DEEPEST = 3_700.0;

    /** Beyond its need by more than the larger of these a depth is asked about: mm, and a share. */
    private const BEYOND = [150.0, 0.2];

    /** A width is asked about when it is off the auger by more than this share. */
    private const OFF_THE_AUGER = 0.25;

    /**
     * @param  ?Length  $width  where it came out other than planned
     * @param  list<SoilLayer>  $soils  from the top down, where somebody looked; the last is the one at the foot
     *
     * @throws EntryRefused when the depth or the width is not above zero, or layers do not go down within the hole
     */
    public function __construct(
        public PostId $post, public Length $depth, public ?Length $width = null, public ?Finding $found = null, public array $soils = [],
    ) {
        if ($width !== null && ! $width->isPositive()) {
            throw EntryRefused::widthNotPositive();
        }
        if (! $depth->isPositive()) {
            throw EntryRefused::depthNotPositive();
        }
        $above = Length::zero();
        foreach ($soils as $layer) {
            if (! $layer->to->isLongerThan($above) || $layer->to->isLongerThan($depth)) {
                throw EntryRefused::layersOutOfOrder();
            }
            $above = $layer->to;
        }
    }

    public function soilAtTheFoot(): ?Soil
    {
        return $this->soils === [] ? null : $this->soils[count($this->soils) - 1]->soil;
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        $plan = $known->plan();
        [$need, $before] = [$known->neededDepth($this->post), $known->dugDepth($this->post)];
        $expected = $need ?? $before;
        $guesses = $expected === null ? [] : Guesses::of($plan->notation->unit)->ofFigure(
            $this->depth->inMillimetres(), $expected->inMillimetres(), 30.0,
        );
        $questions = match (true) {
            $this->depth->inMillimetres() > self::DEEPEST => [
                Question::impossible(QuestionAbout::HoleTooDeep, 'depth', $this->depth, Length::millimetres(self::DEEPEST), $guesses),
            ],
            $need !== null && $this->depth->minus($need)->inMillimetres() > max(self::BEYOND[0], self::BEYOND[1] * $need->inMillimetres()) => [
                Question::doubtful(QuestionAbout::HoleBeyondNeed, 'depth', $this->depth, $need, $guesses),
            ],
            $before !== null && ! $known->isCorrection() && $this->depth->isShorterThan($before) => [
                Question::doubtful(QuestionAbout::HoleShallowerThanBefore, 'depth', $this->depth, $before),
            ],
            default => [],
        };
        if ($this->width !== null && ! $this->width->isLongerThan($this->section($plan)->thicker())) {
            $questions[] = Question::impossible(QuestionAbout::WidthWithinThePost, 'width', $this->width, $this->section($plan)->thicker());
        } elseif ($this->width !== null && abs($this->width->nanometres / $plan->hole->width->nanometres - 1) > self::OFF_THE_AUGER) {
            $questions[] = Question::doubtful(
                QuestionAbout::WidthOffTheAuger, 'width', $this->width, $plan->hole->width,
                Guesses::of($plan->notation->unit)->ofFigure($this->width->inMillimetres(), $plan->hole->width->inMillimetres(), 15.0),
            );
        }

        if (! $known->isCorrection() && $known->isFilled($this->post)) {
            $questions[] = Question::doubtful(QuestionAbout::DugAfterFilled);
        }

        return $questions;
    }

    public function stored(): array
    {
        return [
            'post' => $this->post->value, 'depth' => $this->depth->nanometres, 'width' => $this->width?->nanometres, 'found' => $this->found?->value,
            'soils' => array_map(fn (SoilLayer $layer) => [$layer->soil->value, $layer->to->nanometres], $this->soils),
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::of($stored->text('post')), $stored->length('depth'), $stored->lengthOrNone('width'), $stored->caseOrNone('found', Finding::class),
            array_map(fn (Stored $layer) => new SoilLayer($layer->case(0, Soil::class), $layer->length(1)), $stored->each('soils')),
        );
    }

    public function checkUnder(Plan $plan): void
    {
        if ($this->width !== null && ! $plan->hole->dugTo($this->width)->takes($this->section($plan))) {
            throw EntryRefused::holeTooNarrow($this->section($plan)->across());
        }
    }

    /** Of the post that goes into it. */
    private function section(Plan $plan): Section
    {
        $post = $plan->grid->find($this->post);

        return $post === null ? $plan->post : $plan->sectionOf($post);
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'hole', Takes::Something, self::spoken(...), 'b2 hole {}, or b2 hole {} wide {}',
                [[1050, 41.5], [1050, 41.5], [480, 19]], place: 1,
            ),
            ...array_map(fn (Finding $found) => new Phrase(
                Called::Post, $found->spoken(), Takes::Something, fn (SpokenPieces $pieces, Whom $of, string $said) => new self(
                    $of->post(), $pieces->length((string) preg_replace('/^at /i', '', $said)), null, $found,
                ),
                ...($found === Finding::Rock ? ['d4 rock {}', [[700, 27.5]], 2] : []),
            ), Finding::cases()),
        ];
    }

    /** “41 1/2”, or “41 1/2 wide 19” */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        [$depth, $wide] = array_pad(preg_split('/ wide /i', $said) ?: [], 2, null);

        return new self($of->post(), $pieces->length($depth ?? ''), $wide === null ? null : $pieces->length($wide));
    }
}
