<?php

declare(strict_types=1);

namespace App\Practice;

use Aequus\Guide\Move\Move;
use App\Models\Job;
use App\World\StandIn;

/** Whether stand-ins answer for a job: always in the demo, in a job of one’s own only while somebody has practice switched on, in this session. */
final readonly class Practice
{
    public function __construct(private Instruments $instruments)
    {
    }

    public function isOn(Job $job): bool
    {
        return self::isDemo() || session($this->key($job)) === true;
    }

    public function turn(Job $job, bool $on): void
    {
        $on ? session([$this->key($job) => true]) : session()->forget($this->key($job));
    }

    public static function isDemo(): bool
    {
        return config('aequus.mode') === 'demo';
    }

    /** Who can read what a move asks for now; a stand-in only while practice is on, a true instrument always. */
    public function reader(Job $job, ?Move $move): ?StandIn
    {
        $reader = $this->instruments->of($move);

        return $reader !== null && $reader->isMadeUp() && ! $this->isOn($job) ? null : $reader;
    }

    private function key(Job $job): string
    {
        return "practice.{$job->id}";
    }
}
