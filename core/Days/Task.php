<?php

declare(strict_types=1);

namespace Aequus\Days;

/** A kind of work that is still to do, in the order in which it is done. */
enum Task: string
{
    case Stake = 'stake';
    case ReadGround = 'ground';
    case Dig = 'dig';
    case SetPosts = 'set';
    case Fill = 'fill';
    case CutTops = 'cut';
    case TakeBracesOff = 'strip';
    case BuildFrame = 'frame';

    /** Of one person in an hour, where nobody said and no log tells: stakes, rods, metres of hole, posts, bags, braced posts, tops, pieces. */
    public function usualRate(): float
    {
        return match ($this) {
            self::Stake => 5.0,
            self::ReadGround => 15.0,
            self::Dig => 0.5,
            self::SetPosts => 1.0,
            self::Fill => 5.0,
            self::TakeBracesOff => 8.0,
            self::CutTops => 3.0,
            self::BuildFrame => 3.0,
        };
    }

    /**
     * @param  bool  $isOnPiers  then a pier is poured, and hard, before anything stands on it
     * @return list<self> as they follow each other
     */
    public static function inOrder(bool $isOnPiers): array
    {
        return $isOnPiers
            ? [self::Stake, self::ReadGround, self::Dig, self::Fill, self::SetPosts, self::CutTops, self::TakeBracesOff, self::BuildFrame]
            : self::cases();
    }

    public function kind(bool $isPoured): WorkKind
    {
        return match ($this) {
            self::Dig => WorkKind::Dig,
            self::SetPosts => WorkKind::Set,
            self::Fill => $isPoured ? WorkKind::Pour : WorkKind::Other,
            self::CutTops => WorkKind::Cut,
            self::BuildFrame => WorkKind::Beam,
            default => WorkKind::Other,
        };
    }

    /** At most so many do it together; more stand in each other’s way. */
    public function together(int $people): int
    {
        return match ($this) {
            self::ReadGround, self::Stake, self::SetPosts, self::BuildFrame => min(2, $people),
            self::CutTops, self::TakeBracesOff => 1,
            default => $people,
        };
    }
}
