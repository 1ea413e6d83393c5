<?php

declare(strict_types=1);

namespace App\Level;

use Aequus\Level\LevelReadings;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\RodReading;
use Aequus\Site\SiteState;
use Aequus\Words\Names;

/** Every height reading that counts now, the newest first, and how it stands beside the others. */
final readonly class LevelSheet
{
    /** @var list<LevelRow> */
    public array $rows;

    public function __construct(private SiteState $site)
    {
        $rows = [];
        foreach (array_reverse($site->level->readings->network) as $reading) {
            $sequence = LevelReadings::sequence($reading->id);
            $payload = $site->log->entries[$sequence]->payload;
            [$state, $word] = $this->standing($reading->id, $site->level->off($reading) === null);
            $off = $site->level->off($reading);
            if ($payload instanceof RodReading) {
                $rows[] = new LevelRow($sequence, $site->level->name($payload->point), 'set-up '.($payload->setUp ?: '1'), $payload->rod, $off, $state, $word);
            } elseif ($payload instanceof HeightDifference) {
                $rows[] = new LevelRow($sequence, "{$site->level->name($payload->from)} to {$site->level->name($payload->to)}", Names::of($payload->instrument), $payload->read, $off, $state, $word);
            }
        }
        $this->rows = $rows;
    }

    /** @return array{string, string} */
    private function standing(string $id, bool $isFree): array
    {
        $mistakes = $this->site->level->mistakes;

        return match (true) {
            $mistakes?->drops($id) !== null => ['out', 'left out'],
            in_array($id, $mistakes->named ?? [], true) => ['doubt', 'in doubt'],
            $isFree => ['wanted', 'not tied in'],
            isset($this->site->level->checked[$id]) => ['fits', 'fits'],
            default => ['unchecked', 'read once'],
        };
    }
}
