<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\PlumbReading;
use Aequus\Logbook\Stage;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Side;
use Aequus\Set\FaceReading;

/** A level held upright on one face: plumb, or a gap and the side the top goes to. */
final class PlumbRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'gap';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $face, $stage, $level] = [$this->postAt($plan), $this->choice('face', Side::class), $this->choice('stage', Stage::class), $this->measure('level', $plan)];
        $plumb = $this->text('leans') === 'plumb';
        $toward = $plumb && $face ? ($face->isAlongX() ? Side::PlusY : Side::PlusX) : $this->choice('leans', Side::class);
        $gap = $plumb ? Length::zero() : $this->measure('gap', $plan);
        if (! $post || ! $face || ! $stage || ! $level || ! $toward || ! $gap) {
            return null;
        }
        $this->at('leans', fn () => FaceReading::gap($face, $toward, $gap, $level, $plan->sides));

        return $this->refusals === [] ? new PlumbReading($post, $face, $toward, $gap, $level, $stage) : null;
    }
}
