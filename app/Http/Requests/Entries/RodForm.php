<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Level\Heights;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\RodReading;
use Aequus\Plan\Plan;
use App\Site\ReadSite;
use App\Type\Say;

/** A rod read through a laser or optical level, from one of its set-ups. */
final class RodForm extends EntryRequest
{
    public const OPENS = 'level';

    use ReadsLevelPoints;

    protected const MAIN_FIELD = 'rod';

    protected function payload(Plan $plan): ?Payload
    {
        $point = $this->levelPoint($plan, 'post');
        $rod = $this->measure('rod', $plan);
        $distance = $this->lengthOrNone('distance', $plan->notation->unit);
        $setUp = $this->text('set_up') === '1' ? '' : mb_substr($this->text('set_up'), 0, 20);
        if (! $point || ! $rod || $this->refusals !== []) {
            return null;
        }
        $this->askForKnownPoint(app(ReadSite::class)->site($this->job())->state->level, $setUp, $point);

        return $this->refusals === [] ? new RodReading($point, $rod, $setUp, $distance) : null;
    }

    /** A new set-up is worth nothing until it sees a point whose height is known: that is asked for first, and one tick goes on without. */
    private function askForKnownPoint(Heights $level, string $setUp, LevelPoint $point): void
    {
        $sees = [$point->isBenchmark() ? LevelPoint::named($level->benchmark->name ?? '?')->key() : $point->key(), LevelReadings::SET_UP.$setUp];
        $known = array_filter($sees, fn (string $key) => isset($level->known[$key]) || $level->hasSetUp($key));
        if ($level->setUp === null || $known !== [] || $this->boolean('sure')) {
            return;
        }
        $from = $setUp === '' ? Say::text('refusals.rod.set_up_1') : "Set-up {$setUp}";
        $this->refuse(
            'set_up',
            Say::text('refusals.rod.has_seen_no_point_whose', from: $from),
        );
        $this->session()->flash('asks_sure', 'set_up');
    }
}
