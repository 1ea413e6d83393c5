<?php

declare(strict_types=1);

namespace Aequus\Bill;

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

    /** In what it is counted: pieces, a weight, or a length in the job’s own long unit. */
    public function unit(): WareUnit
    {
        return match ($this) {
            self::Gravel => WareUnit::Weight,
            self::Tube, self::String, self::TimberByLength => WareUnit::Length,
            default => WareUnit::Piece,
        };
    }

    public function counter(): Counter
    {
        return match ($this) {
            self::Post, self::HeavyPost, self::Timber, self::TimberByLength, self::Stake, self::ProfileBoard, self::ProfileStake => Counter::Timber,
            self::Bag, self::Gravel, self::Block, self::Tube, self::StockTube, self::Foam => Counter::Masonry,
            self::Base, self::String, self::FrameFixing, self::BoardScrew => Counter::Hardware,
            self::Sheet, self::RoofScrew => Counter::Roofing,
        };
    }

    public function neededFor(): NeededFor
    {
        return match ($this) {
            self::Stake, self::ProfileBoard, self::ProfileStake, self::String => NeededFor::Layout,
            self::Gravel, self::Block, self::Tube, self::StockTube => NeededFor::Holes,
            self::Post, self::HeavyPost, self::Bag, self::Foam, self::Base => NeededFor::Posts,
            self::Timber, self::TimberByLength, self::FrameFixing, self::BoardScrew => NeededFor::Frame,
            self::Sheet, self::RoofScrew => NeededFor::Roof,
        };
    }

    /** What is usually lost of it, a share of 1. */
    public function usualWaste(): float
    {
        return in_array($this, [self::Bag, self::Gravel, self::String, self::TimberByLength, self::FrameFixing, self::BoardScrew, self::RoofScrew], true) ? 0.1 : 0.0;
    }
}
