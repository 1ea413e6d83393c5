<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Logbook\BenchmarkChosen;
use Aequus\Logbook\Log;
use Aequus\Logbook\RodReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;

/** Ground heights from one set-up of a laser: height of instrument less what the rod reads. */
final readonly class Heights
{
    public ?BenchmarkChosen $benchmark;

    /** Of the laser's beam, above the benchmark's zero; null until the rod was read on the benchmark. */
    public ?Length $ofInstrument;

    /** @var array<string, Length> ground height by the value of the post's id */
    public array $ground;

    /** @var list<Post> posts whose ground was not read yet */
    public array $unread;

    public ?Post $high;

    public ?Post $low;

    /** Of the ground, once three posts are read; along the row for posts in one line. */
    public ?GroundPlane $plane;

    public function __construct(Plan $plan, Log $log)
    {
        $this->benchmark = $log->latest(BenchmarkChosen::class);
        $rods = [];
        foreach ($log->now(RodReading::class) as $reading) {
            $rods[$reading->post->value ?? ''][] = $reading->rod->nanometres;
        }
        $mean = fn (array $nanometres): Length => Length::nanometres((int) round(array_sum($nanometres) / count($nanometres)));
        $this->ofInstrument = $this->benchmark !== null && isset($rods['']) ? $this->benchmark->height->plus($mean($rods[''])) : null;
        $ground = $unread = $points = [];
        $high = $low = null;
        foreach ($plan->grid->posts as $post) {
            if ($this->ofInstrument === null || ! isset($rods[$post->id->value])) {
                $unread[] = $post;

                continue;
            }
            $height = $this->ofInstrument->minus($mean($rods[$post->id->value]));
            $ground[$post->id->value] = $height;
            $points[] = new GroundPoint($post->at, $height);
            $high = $high === null || $height->isLongerThan($ground[$high->id->value]) ? $post : $high;
            $low = $low === null || $height->isShorterThan($ground[$low->id->value]) ? $post : $low;
        }
        [$this->ground, $this->unread, $this->high, $this->low] = [$ground, $unread, $high, $low];
        $this->plane = count($points) >= 3 ? GroundPlane::fit($points) : null;
    }

    public function groundAt(Post $post): ?Length
    {
        return $this->ground[$post->id->value] ?? null;
    }

    public function range(): ?Length
    {
        return $this->high === null || $this->low === null ? null : $this->ground[$this->high->id->value]->minus($this->ground[$this->low->id->value]);
    }

    public function isComplete(): bool
    {
        return $this->unread === [];
    }
}
