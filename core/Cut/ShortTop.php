<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;

/** What can be done about posts that come out short of their marks, the cost in clearance first. */
final readonly class ShortTop
{
    /** A packer thicker than this tips, or splits where it is nailed. */
    private const THICKEST_PACKER_MM = 38.0;

    /** By how much all tops would have to come down so that no post is short. */
    public Length $lowerAllBy;

    /** Height left between the lowest top and the ground under it, then. */
    public Length $clearanceThen;

    /** @var array<string, bool> by label of the short posts, whether a packer of their own makes it up */
    public array $packers;

    /**
     * @param  non-empty-list<CutMark>  $short
     * @param  Length  $clearance  between the lowest top and the ground under it now, as decided
     */
    public function __construct(public array $short, public Length $clearance)
    {
        $most = Length::zero();
        $packers = [];
        foreach ($short as $mark) {
            $by = $mark->cutOff()?->magnitude() ?? Length::zero();
            $most = $by->isLongerThan($most) ? $by : $most;
            $packers[$mark->post->label] = $by->inMillimetres() <= self::THICKEST_PACKER_MM;
        }
        [$this->lowerAllBy, $this->clearanceThen, $this->packers] = [$most, $clearance->minus($most), $packers];
    }
}
