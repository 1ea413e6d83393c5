<?php

declare(strict_types=1);

namespace App\Level;

use Aequus\Level\KnownHeight;
use Aequus\Level\LevelLoop;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\RodReading;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use App\Type\Say;

/** Every height reading that counts now, the newest first, and how it stands beside the others. */
final readonly class LevelSheet
{
    /** @var list<LevelRow> */
    public array $rows;

    /** @var list<LevelLoop> ways round that close on themselves */
    public array $loops;

    /** @var list<KnownHeight> of points that are not the ground at a post */
    public array $others;

    public function __construct(private SiteState $site)
    {
        $this->loops = $site->level->loops()->loops;
        $this->others = array_values(
            array_filter(
                $site->level->known, fn (KnownHeight $known) => $known->point->post === null || $known->point->feature !== PostFeature::Ground,
            ),
        );
        $rows = [];
        foreach (array_reverse($site->level->readings->network) as $reading) {
            $sequence = LevelReadings::sequence($reading->id);
            $payload = $site->log->entries[$sequence]->payload;
            [$state, $word] = $this->standing($reading->id, $site->level->off($reading) === null);
            $off = $site->level->off($reading);
            if ($payload instanceof RodReading) {
                $rows[] = new LevelRow(
                    $sequence, $site->level->name($payload->point), Say::text(
                        'level.level_sheet.set_up', name: $payload->setUp ?: '1',
                    ), $payload->rod, $off, $state, $word,
                );
            } elseif ($payload instanceof HeightDifference) {
                $rows[] = new LevelRow(
                    $sequence, Say::text(
                        'level.level_sheet.to', name: $site->level->name($payload->from), name_b: $site->level->name($payload->to),
                    ), Names::of($payload->instrument),
                    $payload->read, $off, $state, $word,
                );
            }
        }
        $this->rows = $rows;
    }

    /** The side that the ground falls toward, by its name. */
    public function fallsToward(float $direction): string
    {
        return $this->site->plan->sides->nameOf(
            abs(cos($direction)) >= abs(sin($direction)) ? Side::alongX(cos($direction)) : Side::alongY(sin($direction)),
        );
    }

    /** Whether every way round closes as well as its readings should. */
    public function allClose(): bool
    {
        return array_filter($this->loops, fn (LevelLoop $round) => ! $round->chain->closes) === [];
    }

    /** @return array{string, string} */
    private function standing(string $id, bool $isFree): array
    {
        $mistakes = $this->site->level->mistakes;

        return match (true) {
            $mistakes?->drops($id) !== null => ['out', Say::text('drawing.legend.tape_out')],
            in_array($id, $mistakes->named ?? [], true) => ['doubt', Say::text('drawing.legend.tape_doubt')],
            $isFree => ['wanted', Say::text('level.level_sheet.not_tied_in')],
            isset($this->site->level->checked[$id]) => ['fits', Say::text('page.fits')],
            default => ['unchecked', Say::text('level.level_sheet.read_once')],
        };
    }
}
