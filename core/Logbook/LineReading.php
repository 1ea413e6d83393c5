<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\FixedLine;
use Aequus\Plan\PostId;

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

    public function kind(): EntryKind
    {
        return EntryKind::LineOffset;
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

        return $misfit->magnitude()->inMillimetres() > $known->tapeBound()
            ? [Question::doubtful(QuestionAbout::OffsetFarFromPlan, 'off', $this->off->magnitude(), $planned->magnitude(), $known->guesses()->ofFigure($this->off->magnitude()->inMillimetres(), $planned->magnitude()->inMillimetres(), max(3.0, 3 * $this->sigma())))] : [];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'off' => $this->off->nanometres, 'line' => $this->line, 'tape' => $this->tape?->value];
    }

    public static function fromStored(array $stored): self
    {
        return new self(PostId::of($stored['post']), Length::nanometres($stored['off']), $stored['line'] ?? FixedLine::FIRST_ID, isset($stored['tape']) ? TapeClass::from($stored['tape']) : null);
    }
}
