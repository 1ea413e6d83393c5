<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\PostId;

/** How far a stake stands off something on the site that will not move: a wall, a building, a boundary, a string. */
final readonly class LineReading implements StakeReading
{
    use SaysItUnderAnyPlan;

    /** Standard deviation where nobody said with what it was read, mm. */
    private const UNTOLD = 2.0;

    /**
     * @param  Length  $off  left of the line’s direction positive
     * @param  string  $line  the line by its id in the plan
     * @param  ?TapeClass  $tape  it was read with; null where it was not said
     */
    public function __construct(public PostId $post, public Length $off, public string $line = FixedLine::FIRST_ID, public ?TapeClass $tape = null)
    {
    }

    /** Standard deviation, mm: an offset is as good as the tape that read it. */
    public function sigma(): float
    {
        return $this->tape?->sigma($this->off->magnitude()) ?? self::UNTOLD;
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        [$line, $post] = [$known->plan()->fixedLine($this->line), $known->plan()->grid->find($this->post)];
        if ($line === null || $post === null) {
            return [];
        }
        $planned = $line->off($post->at);
        $misfit = $this->off->minus($planned);

        return $misfit->magnitude()->isLongerThan($known->farBeyond($planned->magnitude()))
            ? [
                Question::doubtful(
                    QuestionAbout::OffsetFarFromPlan, 'off', $this->off->magnitude(), $planned->magnitude(),
                    $known->guesses()->ofFigure(
                        $this->off->magnitude()->inMillimetres(), $planned->magnitude()->inMillimetres(), max(3.0, 3 * $this->sigma()),
                    ),
                ),
            ] : [];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'off' => $this->off->nanometres, 'line' => $this->line, 'tape' => $this->tape?->value];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            PostId::of($stored->text('post')), $stored->length('off'), $stored->text('line', FixedLine::FIRST_ID),
            $stored->caseOrNone('tape', TapeClass::class),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'line', Takes::Something, self::spoken(...), 'b2 line {}', [[3730, 147]]),
            // As the guide says it: “b2 off barn wall 3730”.
            new Phrase(
                Called::Post, 'off', Takes::Something,
                fn (SpokenPieces $pieces, Whom $of, string $said) => $pieces->lineNamed($said) === null ? null : self::spoken($pieces, $of, $said),
            ),
        ];
    }

    /** “12' 3”, or “barn wall 12' 3” where the plan has more than one line */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        $named = $pieces->lineNamed($said);
        [$lines, $said] = $named === null ? [$pieces->plan->fixedLines(), $said] : [[$named], trim(mb_substr($said, mb_strlen($named->name)))];
        if (count($lines) !== 1) {
            throw $lines === [] ? EntryRefused::noLineInThePlan() : EntryRefused::whichLine(array_map(fn (FixedLine $line) => $line->name, $lines));
        }
        $post = $of->post();
        $stake = $pieces->plan->grid->find($post);

        return new self(
            $post, $stake === null ? $pieces->length($said) : $lines[0]->offAsPlanned($stake->at, $pieces->length($said)), $lines[0]->id,
            $pieces->tape,
        );
    }
}
