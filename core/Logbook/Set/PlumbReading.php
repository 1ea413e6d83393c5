<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Side;
use Closure;

/** A lean read on one face of a post. Nothing off is plumb. */
final readonly class PlumbReading implements Payload
{
    use SaysItUnderAnyPlan;

    /** A lean is asked about above one in so many, and no standing post leans one in so many. */
    private const ASKED = 50;

    private const IMPOSSIBLE = 10;

    /**
     * @param  Side  $leansToward  the side the top goes to: it gives the axis that was read. A level’s edge on a face shows the lean toward that
     *                            face or away from it; a string, a bob or the eye along its edges shows the lean along it
     * @param  ?float  $bearing  on a round pole: along which direction the level was held and toward which the top goes, degrees from +x toward +y
     * @param  bool  $turned  the level end for end: together with a reading the other way round its own error falls out
     */
    public function __construct(
        public PostId $post,
        public Side $face,
        public Side $leansToward,
        public LeanMeasure $lean,
        public Stage $stage,
        public bool $turned = false,
        public ?float $bearing = null,
    ) {
    }

    /**
     * By the gap under a level held upright.
     *
     * @throws EntryRefused when the level has no length, or the gap does not fit under it
     */
    public static function gap(PostId $post, Side $face, Side $leansToward, Length $gap, Length $level, Stage $stage): self
    {
        return new self($post, $face, $leansToward, LeanMeasure::gap($gap, $level), $stage);
    }

    /**
     * On a round pole, along any direction.
     *
     * @param  float  $bearing  degrees from +x toward +y, to where the top goes
     */
    public static function along(PostId $post, float $bearing, LeanMeasure $lean, Stage $stage, bool $turned = false): self
    {
        [$x, $y] = [cos(deg2rad($bearing)), sin(deg2rad($bearing))];
        $toward = abs($x) >= abs($y) ? Side::alongX($x) : Side::alongY($y);

        return new self($post, $toward, $toward, $lean, $stage, $turned, $bearing);
    }

    /** Whether it was read along the face, not toward it or away from it. */
    public function isAlongFace(): bool
    {
        return $this->face->isAlongX() !== $this->leansToward->isAlongX();
    }

    /** Readings along one line of one post replace each other: on a face along one axis, or on a pole along one direction and back. */
    public function line(): string
    {
        return $this->bearing === null ? $this->face->value.($this->leansToward->isAlongX() ? ' x' : ' y')
            : 'along '.round(fmod($this->bearing + 360.0, 180.0));
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        $ratio = $this->lean->slope->ratio;
        $steep = match (true) {
            $ratio > 1 / self::IMPOSSIBLE => [Question::impossible(QuestionAbout::LeanImpossible, 'gap', 1 / $ratio, (float) self::IMPOSSIBLE)],
            $ratio > 1 / self::ASKED => [Question::doubtful(QuestionAbout::LeanSteep, 'gap', 1 / $ratio, (float) self::ASKED)],
            default => [],
        };

        return [...$steep, ...Question::unlessSet($known, $this->post)];
    }

    public function stored(): array
    {
        return [
            'post' => $this->post->value, 'face' => $this->face->value, 'leans_toward' => $this->leansToward->value,
            'lean' => $this->lean->stored(), 'stage' => $this->stage->value, 'turned' => $this->turned, 'bearing' => $this->bearing,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::of($stored->text('post')), $stored->case('face', Side::class), $stored->case('leans_toward', Side::class),
            $stored->has('lean') ? LeanMeasure::fromStored($stored->in('lean')) : LeanMeasure::gap($stored->length('gap'), $stored->length('level')),
            $stored->case('stage', Stage::class), $stored->isSo('turned'), $stored->realOrNone('bearing'),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'plumb', Takes::Something, self::spoken('plumb'), 'c3 plumb {} east over {}, or c3 plumb on the lane face',
                [[3, 0.125], [1200, 48]],
                4, sidesAfter: '[^a-z]+',
            ),
            new Phrase(
                Called::Post, 'bob', Takes::Something, self::spoken('bob'), 'c3 bob {} east over {}', [[6, 0.25], [2100, 84]],
                sidesAfter: '[^a-z]+',
            ),
            new Phrase(
                Called::Post, 'bubble', Takes::Something, self::spoken('bubble'), 'c3 bubble on the line east',
                words: ['half-way', 'on the line', 'beyond'], sidesAfter: '(?:half-way|on the line|beyond)',
            ),
        ];
    }

    /** @return Closure(SpokenPieces, Whom, string): self */
    private static function spoken(string $way): Closure
    {
        return function (SpokenPieces $pieces, Whom $of, string $said) use ($way): self {
            $post = $of->post();

            $spoken = new SpokenLean($pieces, $way, $said, $pieces->stageOf($post));

            return new self($post, $spoken->face, $spoken->toward, $spoken->lean, $spoken->stage, $spoken->turned);
        };
    }
}
