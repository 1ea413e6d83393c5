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

    /** What is usually lost of it, a share of 1. */
    public function usualWaste(): float
    {
        return in_array($this, [self::Bag, self::Gravel, self::String, self::TimberByLength, self::FrameFixing, self::BoardScrew, self::RoofScrew], true) ? 0.1 : 0.0;
    }
}
