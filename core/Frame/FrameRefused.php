<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** A piece of a frame that can’t be made as it is asked for. */
final class FrameRefused extends Refusal
{
    public static function because(FrameRefusal $is): self
    {
        return new self(Fact::of($is));
    }

    /** @param  string  $from  bearing between which and the other no stock reaches */
    public static function noStockReaches(string $from, string $to): self
    {
        return new self(Fact::of(FrameRefusal::NoStockReaches, from: $from, to: $to));
    }

    public static function postOffTheBeam(string $post): self
    {
        return new self(Fact::of(FrameRefusal::PostOffTheBeam, post: $post));
    }

    public static function rowsShareAJoist(string $joist): self
    {
        return new self(Fact::of(FrameRefusal::RowsShareAJoist, joist: $joist));
    }
}
