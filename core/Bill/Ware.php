<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Measure\Length;

/** What a job takes that is bought. */
enum Ware: string
{
    case Post = 'post';
    case HeavyPost = 'heavy_post';
    case Bag = 'bag';
    case Gravel = 'gravel';
    case Foam = 'foam';
    /** By its length, where nobody said in which it is sold. */
    case Tube = 'tube';
    case StockTube = 'stock_tube';
    /** Out of stock lengths, by section and length; and by the length needed where nobody said in which it is sold. */
    case Timber = 'timber';
    case TimberByLength = 'timber_by_length';
    case Sheet = 'sheet';
    case FrameFixing = 'frame_fixing';
    case BoardScrew = 'board_screw';
    case RoofScrew = 'roof_screw';
    case Block = 'block';
    case Base = 'base';
    case Stake = 'stake';
    case ProfileBoard = 'profile_board';
    case ProfileStake = 'profile_stake';
    case String = 'string';
    /** By its length, where it was chosen. */
    case Nail = 'nail';
    case Screw = 'screw';
    case Bolt = 'bolt';
    case Cap = 'cap';
    case Hanger = 'hanger';
    case ConnectorScrew = 'connector_screw';
    /** By its height and width. */
    case Panel = 'panel';
    /** That holds a post while it sets. */
    case BraceBoard = 'brace_board';
    case Treatment = 'treatment';
    case MarkingPaint = 'marking_paint';
    /** Over what was poured, where it shall be kept warm. */
    case Blanket = 'blanket';
    /** By the day, where it was asked for. */
    case HireAuger = 'hire_auger';
    case HireMixer = 'hire_mixer';
    case HireLaser = 'hire_laser';
    case HireSaw = 'hire_saw';

    /** An id: what it is, and its sizes. */
    public function id(Length ...$sizes): string
    {
        return implode(':', [$this->value, ...array_map(fn (Length $size) => $size->nanometres, $sizes)]);
    }

    /** @return list<self> that can be hired */
    public static function hired(): array
    {
        return [self::HireAuger, self::HireMixer, self::HireLaser, self::HireSaw];
    }

    /** In what it is counted: pieces, a weight, or a length in the job’s own long unit. */
    public function unit(): WareUnit
    {
        return match ($this) {
            self::Gravel => WareUnit::Weight,
            self::Tube, self::String, self::TimberByLength => WareUnit::Length,
            self::Treatment => WareUnit::Liquid,
            self::HireAuger, self::HireMixer, self::HireLaser, self::HireSaw => WareUnit::Day,
            default => WareUnit::Piece,
        };
    }

    public function counter(): Counter
    {
        return match ($this) {
            self::Post, self::HeavyPost, self::Timber, self::TimberByLength, self::Stake, self::ProfileBoard, self::ProfileStake, self::BraceBoard, self::Panel => Counter::Timber,
            self::Bag, self::Gravel, self::Block, self::Tube, self::StockTube, self::Foam => Counter::Masonry,
            self::Base, self::String, self::FrameFixing, self::BoardScrew, self::Nail, self::Screw, self::Bolt, self::Cap, self::Hanger, self::ConnectorScrew, self::Treatment,
            self::MarkingPaint, self::Blanket => Counter::Hardware,
            self::Sheet, self::RoofScrew => Counter::Roofing,
            self::HireAuger, self::HireMixer, self::HireLaser, self::HireSaw => Counter::Hire,
        };
    }

    public function neededFor(): NeededFor
    {
        return match ($this) {
            self::Stake, self::ProfileBoard, self::ProfileStake, self::String, self::MarkingPaint, self::HireLaser => NeededFor::Layout,
            self::Gravel, self::Block, self::Tube, self::StockTube, self::HireAuger => NeededFor::Holes,
            self::Post, self::HeavyPost, self::Bag, self::Foam, self::Base, self::BraceBoard, self::HireMixer, self::Blanket => NeededFor::Posts,
            self::Timber, self::TimberByLength, self::FrameFixing, self::BoardScrew, self::Nail, self::Screw, self::Bolt, self::Cap, self::Hanger, self::ConnectorScrew, self::Panel,
            self::Treatment, self::HireSaw => NeededFor::Frame,
            self::Sheet, self::RoofScrew => NeededFor::Roof,
        };
    }

    /** What is usually lost of it, a share of 1. */
    public function usualWaste(): float
    {
        return in_array(
            $this,
            [
                self::Bag, self::Gravel, self::String, self::TimberByLength, self::FrameFixing, self::BoardScrew, self::RoofScrew, self::Nail,
                self::Screw, self::ConnectorScrew, self::Treatment,
            ],
            true,
        ) ? 0.1 : 0.0;
    }
}
