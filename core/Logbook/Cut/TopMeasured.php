<?php

declare(strict_types=1);

namespace Aequus\Logbook\Cut;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Posts\PostId;

/** How far the top of a post now stands above the datum line struck on it. */
final readonly class TopMeasured implements Payload
{
    use SaysItUnderAnyPlan;

    /** A saw cut and a reading are as good as this, mm. */
    private const SAWN = 10.0;

    /** A top so far from where it is to be cut is asked about, mm. */
    private const FAR = 1_500.0;

    /** So far above a line struck on the post a tape is held by hand, mm. */
    private const REACHED = 7_500.0;

    public function __construct(public PostId $post, public Length $aboveDatumLine)
    {
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        $mark = $known->cutMark($this->post);
        $guesses = fn (): array => $mark === null ? [] : Guesses::of($known->plan()->notation->unit)->ofFigure(
            $this->aboveDatumLine->inMillimetres(), $mark->inMillimetres(), 30.0,
        );
        $far = match (true) {
            $mark !== null && $known->isCut($this->post) && $this->aboveDatumLine->minus($mark)->inMillimetres() > self::SAWN => [
                Question::impossible(QuestionAbout::TopAboveWhatIsLeft, 'above', $this->aboveDatumLine, $mark, $guesses()),
            ],
            $mark !== null && $this->aboveDatumLine->minus($mark)->magnitude()->inMillimetres() > self::FAR => [
                Question::doubtful(QuestionAbout::TopFarFromExpected, 'above', $this->aboveDatumLine, $mark, $guesses()),
            ],
            $mark === null && $this->aboveDatumLine->inMillimetres() > self::REACHED => [
                Question::doubtful(QuestionAbout::TopsFarAboveTheLine, 'above', $this->aboveDatumLine),
            ],
            default => [],
        };

        // What is cut stood once, or was cut on trestles.
        return [...$far, ...($known->isCut($this->post) ? [] : Question::unlessSet($known, $this->post))];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'above_datum_line' => $this->aboveDatumLine->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::of($stored->text('post')), $stored->length('above_datum_line'));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Post, 'top', Takes::Something, fn (SpokenPieces $pieces, Whom $of, string $said) => new self(
                    $of->post(), $pieces->length((string) preg_replace('/ above the line$/i', '', $said)),
                ),
                'b2 top {} above the line', [[965, 38]], 8,
            ),
        ];
    }
}
