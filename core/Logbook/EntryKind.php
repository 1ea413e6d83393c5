<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Frame\BoardSpoiled;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Logbook\Set\TopOver;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Stored;
use LogicException;
use UnexpectedValueException;

/** Every kind of thing that can be written into the logbook, with its class: the one list of them. The value is stored and never changes. */
enum EntryKind: string
{
    case Notice = 'notice';
    case Service = 'service';
    case Tape = 'tape';
    case StringOffset = 'string_offset';
    case LineOffset = 'line_offset';
    case AsCast = 'as_cast';
    case StakeMoved = 'stake_moved';
    case BoardsUp = 'boards_up';
    case Benchmark = 'benchmark';
    case Rod = 'rod';
    case HeightDifference = 'height_difference';
    case BeamTested = 'beam_tested';
    case Hole = 'hole';
    case PostSet = 'post_set';
    case Plumb = 'plumb';
    case Twist = 'twist';
    case Spacing = 'spacing';
    case EmbedmentLine = 'embedment_line';
    case TopOver = 'top_over';
    case Ready = 'ready';
    case CrossChecked = 'cross_checked';
    case Filled = 'filled';
    case Picture = 'picture';
    case Top = 'top';
    case PostCut = 'post_cut';
    case MembersUp = 'members_up';
    case BoardSpoiled = 'board_spoiled';
    case HoursWorked = 'hours_worked';
    case Awaited = 'awaited';
    case WeatherTold = 'weather_told';
    case Decision = 'decision';
    case Remark = 'remark';
    case HandedOver = 'handed_over';
    case Strike = 'strike';

    /**
     * What stored entries understand of each other grows: a version is never used twice. 2: a tape says which one it is and how it was held.
     * 3: a rod says on what it stands, from which set-up. 4: a hole says which soils it went through. 5: a lean says how it was read. 6: an
     * offset says from which line, and with which tape. 7: a lean, or a difference of height, may be read by a phone. 8: a decision says which
     * distance it takes; a top is measured over a line, a line on a post to the ground. 9: members of a frame are up, boards spoiled. 10: hours of
     * work, what others bring or allow, and the weather somebody was told. 11: a height may come from a survey’s surface.
     */
    public const VERSION = 11;

    /** @return class-string<Payload> the class that knows all about such an entry */
    public function payload(): string
    {
        return match ($this) {
            self::Notice => NoticeAsked::class,
            self::Service => ServiceLine::class,
            self::Tape => TapeReading::class,
            self::StringOffset => StringReading::class,
            self::LineOffset => LineReading::class,
            self::AsCast => AsCast::class,
            self::StakeMoved => StakeMoved::class,
            self::BoardsUp => BoardsUp::class,
            self::Benchmark => BenchmarkChosen::class,
            self::Rod => RodReading::class,
            self::HeightDifference => HeightDifference::class,
            self::BeamTested => BeamTested::class,
            self::Hole => HoleDug::class,
            self::PostSet => PostSet::class,
            self::Plumb => PlumbReading::class,
            self::Twist => TwistRead::class,
            self::Spacing => SpacingRead::class,
            self::EmbedmentLine => EmbedmentLine::class,
            self::TopOver => TopOver::class,
            self::Ready => SeenReady::class,
            self::CrossChecked => CrossChecked::class,
            self::Filled => PostFilled::class,
            self::Picture => PictureTaken::class,
            self::Top => TopMeasured::class,
            self::PostCut => PostCut::class,
            self::MembersUp => MembersUp::class,
            self::BoardSpoiled => BoardSpoiled::class,
            self::HoursWorked => HoursWorked::class,
            self::Awaited => Awaited::class,
            self::WeatherTold => WeatherTold::class,
            self::Decision => Decision::class,
            self::Remark => Remark::class,
            self::HandedOver => HandedOver::class,
            self::Strike => Strike::class,
        };
    }

    /** The kind of what is said. */
    public static function of(Payload $said): self
    {
        foreach (self::cases() as $kind) {
            if ($kind->payload() === $said::class) {
                return $kind;
            }
        }

        throw new LogicException('No kind of entry is a '.$said::class.'.');
    }

    /**
     * @param  array<string, mixed>  $stored
     *
     * @throws UnexpectedValueException when it was written by a newer version of this program
     */
    public function read(int $version, array $stored): Payload
    {
        if ($version > self::VERSION) {
            throw new UnexpectedValueException("An entry of version {$version} can't be read by this version of the program.");
        }

        return $this->payload()::fromStored(new Stored($stored));
    }
}
