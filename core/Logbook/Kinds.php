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
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\EntryKind;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Stored;
use UnexpectedValueException;

/** The list of every kind of entry with its class: the one place that names them all. */
final class Kinds
{
    /** @return class-string<Payload> the class that knows all about such an entry */
    public static function of(EntryKind $kind): string
    {
        return match ($kind) {
            EntryKind::Notice => NoticeAsked::class,
            EntryKind::Service => ServiceLine::class,
            EntryKind::Tape => TapeReading::class,
            EntryKind::StringOffset => StringReading::class,
            EntryKind::LineOffset => LineReading::class,
            EntryKind::AsCast => AsCast::class,
            EntryKind::StakeMoved => StakeMoved::class,
            EntryKind::BoardsUp => BoardsUp::class,
            EntryKind::Benchmark => BenchmarkChosen::class,
            EntryKind::Rod => RodReading::class,
            EntryKind::HeightDifference => HeightDifference::class,
            EntryKind::BeamTested => BeamTested::class,
            EntryKind::Hole => HoleDug::class,
            EntryKind::PostSet => PostSet::class,
            EntryKind::Plumb => PlumbReading::class,
            EntryKind::Twist => TwistRead::class,
            EntryKind::Spacing => SpacingRead::class,
            EntryKind::Ready => SeenReady::class,
            EntryKind::CrossChecked => CrossChecked::class,
            EntryKind::Filled => PostFilled::class,
            EntryKind::Picture => PictureTaken::class,
            EntryKind::Top => TopMeasured::class,
            EntryKind::PostCut => PostCut::class,
            EntryKind::Decision => Decision::class,
            EntryKind::Remark => Remark::class,
            EntryKind::HandedOver => HandedOver::class,
            EntryKind::Strike => Strike::class,
        };
    }

    /**
     * @param  array<string, mixed>  $stored
     *
     * @throws UnexpectedValueException when it was written by a newer version of this program
     */
    public static function read(EntryKind $kind, int $version, array $stored): Payload
    {
        if ($version > EntryKind::VERSION) {
            throw new UnexpectedValueException("An entry of version {$version} can't be read by this version of the program.");
        }

        return self::of($kind)::fromStored(new Stored($stored));
    }
}
