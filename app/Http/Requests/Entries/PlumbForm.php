<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\Bubble;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\LeanWay;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use App\Type\Say;

/** A lean read on one face: by the gap under a level, an angle, a bob, or the bubble; or plumb. */
final class PlumbForm extends EntryRequest
{
    protected const MAIN_FIELD = 'gap';

    /** No phone is so rough, rise over run. */
    private const ROUGHEST = 0.05;

    protected function payload(Plan $plan): ?Payload
    {
        if ($plan->post->round) {
            return $this->onAPole($plan);
        }
        [$post, $face, $stage] = [$this->postAt($plan), $this->choice('face', Side::class), $this->choice('stage', Stage::class)];
        $leans = $this->text('leans');
        $plumb = $leans === 'plumb' || $leans === 'plumb_along';
        if ($leans === '') {
            $this->refuse('leans', Say::text('refusals.plumb.say_to_which_side_the'));
        }
        $toward = match (true) {
            ! $face || $leans === '' => null,
            $leans === 'plumb' => $face,
            $plumb => $face->isAlongX() ? Side::PlusY : Side::PlusX,
            default => $this->choice('leans', Side::class),
        };
        $way = $this->text('way') === '' ? LeanWay::Gap : $this->choice('way', LeanWay::class);
        if (! $post || ! $face || ! $stage || ! $toward || ! $way) {
            return null;
        }
        $lean = $this->lean($way, $plumb, $plan);

        return $lean !== null && $this->refusals === [] ? new PlumbReading($post, $face, $toward, $lean, $stage, $this->boolean('turned')) : null;
    }

    /** A pole has no faces: the direction to which the top goes, or along which it is plumb. */
    private function onAPole(Plan $plan): ?Payload
    {
        [$post, $stage, $way] = [
            $this->postAt($plan), $this->choice('stage', Stage::class),
            $this->text('way') === '' ? LeanWay::Gap : $this->choice('way', LeanWay::class),
        ];
        $bearing = $this->text('bearing');
        if (! is_numeric($bearing) || (float) $bearing < 0 || (float) $bearing >= 360) {
            $this->refuse('bearing', Say::text('refusals.plumb.choose_the_direction_to_which'));
        }
        if ($this->text('leans') === '') {
            $this->refuse('leans', Say::text('refusals.plumb.say_whether_it_leans_that'));
        }
        $lean = $way === null ? null : $this->lean($way, $this->text('leans') === 'plumb', $plan);

        return $post && $stage && $lean !== null && $this->refusals === []
            ? PlumbReading::along(
                $post, fmod((float) $bearing + ($this->text('leans') === 'back' ? 180.0 : 0.0), 360.0), $lean, $stage, $this->boolean('turned'),
            ) : null;
    }

    private function lean(LeanWay $way, bool $plumb, Plan $plan): ?LeanMeasure
    {
        if ($way === LeanWay::Angle) {
            return $this->attempt('gap', fn () => LeanMeasure::angle($plumb ? 0.0 : $this->degrees('gap')));
        }
        if ($way === LeanWay::Phone) {
            return $this->byPhone($plumb, $plan);
        }
        $level = $this->measure('level', $plan);
        $off = $plumb ? Length::zero() : ($way === LeanWay::Bubble ? null : $this->measure('gap', $plan));
        if ($level === null || ($way !== LeanWay::Bubble && $off === null)) {
            return null;
        }
        if ($way === LeanWay::Bubble && ! $plumb) {
            $bubble = $this->choice('bubble', Bubble::class);
            $figure = $this->figure($plan);

            return $bubble === null || $figure === null ? null : $this->attempt('level', fn () => LeanMeasure::bubble($bubble, $level, $figure));
        }

        return $this->attempt(
            $level->isPositive() ? 'gap' : 'level',
            fn () => $way === LeanWay::Bob ? LeanMeasure::bob($off ?? Length::zero(), $level) : LeanMeasure::gap($off ?? Length::zero(), $level),
        );
    }

    private function byPhone(bool $plumb, Plan $plan): ?LeanMeasure
    {
        $degrees = $plumb ? 0.0 : $this->degrees('gap');
        $off = $this->text('good_to') === '' ? null : $this->measure('good_to', $plan);
        $sigma = $off === null ? null : $off->inMillimetres() / $plan->notation->system()->run->inMillimetres();
        if ($sigma !== null && ($sigma <= 0 || $sigma > self::ROUGHEST)) {
            $this->refuse('good_to', Say::text('refusals.plumb.good_to', typed: $this->text('good_to')));
        }

        return $this->attempt('gap', fn () => LeanMeasure::phone($degrees, $this->boolean('turned_over'), $sigma));
    }

    /** What a shim under the level told of it: so much over its length brings the bubble to the line. Empty: as usual. */
    private function figure(Plan $plan): ?float
    {
        if ($this->text('shim') === '') {
            return Bubble::USUAL_FIGURE;
        }
        [$shim, $level] = [$this->measure('shim', $plan), $this->measure('level', $plan)];

        return $shim === null || $level === null || ! $level->isPositive() ? null : $shim->inMillimetres() / $level->inMillimetres();
    }
}
