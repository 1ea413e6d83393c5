<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\LevelPoint;
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
use Closure;

/** How much higher one point is than another, as an instrument read it. */
final readonly class HeightDifference implements Payload
{
    use SaysItUnderAnyPlan;

    /** Points further apart in height than this are read by a rod, mm. */
    private const MOST = 5_000.0;

    private const FAR = 1_000.0;

    /**
     * @param  Length  $read  second less first: positive where the second is higher
     * @param  ?Length  $over  length of the board or of the string
     * @param  LevelWay  $way  of a spirit level on its board; turned, of a phone, that it was read both ways round and this is the mean
     * @param  ?Length  $hungAt  where the line level hung, from the first point; null for the middle
     * @param  string  $level  which spirit level; empty for the job’s own
     *
     * @throws EntryRefused when both points are one, the board or string has no length, or the level hangs beside the string
     */
    public function __construct(
        public LevelPoint $from,
        public LevelPoint $to,
        public Length $read,
        public LevelInstrument $instrument,
        public ?Length $over = null,
        public LevelWay $way = LevelWay::AsMarked,
        public ?Length $hungAt = null,
        public string $level = '',
    ) {
        if ($from->key() === $to->key()) {
            throw EntryRefused::samePointTwice();
        }
        if (! $instrument->needsNoLength() && ($over === null || ! $over->isPositive())) {
            throw EntryRefused::levelWithoutLength();
        }
        if ($hungAt !== null && ($hungAt->isNegative() || $over === null || $hungAt->isLongerThan($over))) {
            throw EntryRefused::levelOffTheString();
        }
    }

    public function posts(): array
    {
        return array_values(array_filter([$this->from->post, $this->to->post]));
    }

    public function questions(Known $known): array
    {
        $expected = $known->expectedDifference($this->from, $this->to);

        return match (true) {
            $this->read->magnitude()->inMillimetres() > self::MOST => [
                Question::impossible(QuestionAbout::DifferenceBeyondReach, 'difference', $this->read->magnitude(), Length::millimetres(self::MOST)),
            ],
            $expected !== null && $this->read->minus($expected)->magnitude()->inMillimetres() >= self::FAR => [
                Question::doubtful(
                    QuestionAbout::DifferenceFarFromKnown, 'difference', $this->read->magnitude(), $expected->magnitude(),
                    Guesses::of($known->plan()->notation->unit)->ofFigure(
                        $this->read->magnitude()->inMillimetres(), $expected->magnitude()->inMillimetres(), 30.0,
                    ),
                ),
            ],
            default => [],
        };
    }

    public function stored(): array
    {
        return [
            'from' => $this->from->stored(), 'to' => $this->to->stored(), 'read' => $this->read->nanometres, 'instrument' => $this->instrument->value,
            'over' => $this->over?->nanometres, 'way' => $this->way->value, 'hung_at' => $this->hungAt?->nanometres, 'level' => $this->level,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            LevelPoint::fromStored($stored->in('from')), LevelPoint::fromStored($stored->in('to')), $stored->length('read'),
            $stored->case('instrument', LevelInstrument::class),
            $stored->lengthOrNone('over'), $stored->case('way', LevelWay::class), $stored->lengthOrNone('hung_at'), $stored->text('level'),
        );
    }

    public static function phrases(): array
    {
        return [
            new Phrase(
                Called::Pair, 'board', Takes::Something, self::spoken(LevelInstrument::Board), 'a1-b1 board {} up over {}', [[9, 0.375], [2400, 96]],
            ),
            new Phrase(Called::Pair, 'phone', Takes::Something, self::spoken(LevelInstrument::Phone)),
            new Phrase(Called::Pair, 'water', Takes::Something, self::spoken(LevelInstrument::Water), 'a1-b1 water {} down', [[9, 0.375]]),
            new Phrase(
                Called::Pair, 'string', Takes::Something, self::spoken(LevelInstrument::LineLevel), 'a1-c1 string level over {}', [[12_000, 480]],
            ),
        ];
    }

    /** @return Closure(SpokenPieces, Whom, string): ?self how much higher the second is than the first */
    private static function spoken(LevelInstrument $instrument): Closure
    {
        return function (SpokenPieces $pieces, Whom $of, string $said) use ($instrument): ?self {
            if (! preg_match('/^(?:level|(.+?) (up|down))(?: over (.+?))?(?: hung (?:at )?(.+?))?( turned)?$/i', $said, $found)) {
                return null;
            }
            $typed = fn (int $piece): ?Length => ($found[$piece] ?? '') === '' ? null : $pieces->length($found[$piece]);
            [$from, $to] = array_map(fn (?PostId $post) => $post === null ? LevelPoint::benchmark() : LevelPoint::of($post), $of->ends);

            return new self(
                $from, $to, $typed(1)?->times(strtolower($found[2] ?? '') === 'down' ? -1 : 1)
                    ?? Length::zero(), $instrument, $instrument === LevelInstrument::Water ? null : $typed(3),
                ($found[5] ?? '') === '' ? LevelWay::AsMarked : LevelWay::Turned, $instrument === LevelInstrument::LineLevel ? $typed(4) : null,
            );
        };
    }
}
