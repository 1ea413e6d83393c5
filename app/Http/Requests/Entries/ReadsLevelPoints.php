<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostFeature;

/** Reads where a rod stood or a level lay: a post and which part of it, the benchmark, or a point that has only a name. */
trait ReadsLevelPoints
{
    protected function levelPoint(Plan $plan, string $field): ?LevelPoint
    {
        if ($this->text("{$field}_name") !== '') {
            return $this->attempt("{$field}_name", fn () => LevelPoint::named(mb_substr($this->text("{$field}_name"), 0, 40)));
        }
        if (strcasecmp($this->text($field), LevelPoint::SENT_FOR_BENCHMARK) === 0) {
            return LevelPoint::benchmark();
        }
        $post = $this->postAt($plan, $field);
        $feature = $this->text("{$field}_part") === '' ? PostFeature::Ground : $this->choice("{$field}_part", PostFeature::class);

        return $post === null || $feature === null ? null : LevelPoint::of($post, $feature);
    }
}
