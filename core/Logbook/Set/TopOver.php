<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\PostId;

/** How high the top of a standing post is over the ground along a line of the plan, such as the edge of a road, with a level held across. */
final readonly class TopOver implements Payload
{
    use SaysItUnderAnyPlan;

    /**
     * @param  Length  $over  from that ground straight up to the level of the post’s top
     * @param  string  $line  the line by its id in the plan
     */
    public function __construct(public PostId $post, public Length $over, public string $line)
    {
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function questions(Known $known): array
    {
        return Question::unlessSet($known, $this->post);
    }

    public function stored(): array
    {
        return ['post' => $this->post->value, 'over' => $this->over->nanometres, 'line' => $this->line];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(PostId::of($stored->text('post')), $stored->length('over'), $stored->text('line'));
    }

    public static function phrases(): array
    {
        return [new Phrase(Called::Post, 'over', Takes::Something, self::spoken(...), 'a1 over {}', [[1050, 41]])];
    }

    /** “road edge 3' 5”, or the height alone where the plan has one line only */
    private static function spoken(SpokenPieces $pieces, Whom $of, string $said): self
    {
        $named = $pieces->lineNamed($said);
        [$lines, $said] = $named === null ? [$pieces->plan->fixedLines(), $said] : [[$named], trim(mb_substr($said, mb_strlen($named->name)))];
        if (count($lines) !== 1) {
            throw $lines === [] ? EntryRefused::noLineInThePlan() : EntryRefused::whichLine(array_map(fn (FixedLine $line) => $line->name, $lines));
        }

        return new self($of->post(), $pieces->length($said), $lines[0]->id);
    }
}
