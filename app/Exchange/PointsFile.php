<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Measure\UnitSystem;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;

/** Where each post stands, as a table: label, along, across, ground, and what part it is of; millimetres, or decimal feet where the job measures in feet. */
final class PointsFile
{
    public static function write(SiteState $site): string
    {
        $isMetric = $site->plan->notation->unit === Unit::Millimetre;
        $figure = fn (?Length $length): string => $length === null ? '' : ($isMetric ? (string) round($length->inMillimetres(), 3) : number_format($length->inMillimetres() / UnitSystem::of($site->plan->notation->unit)->far, 5, '.', ''));
        $unit = $isMetric ? 'mm' : 'ft';
        $lines = [[Say::text('files.label'), "x, {$unit}", "y, {$unit}", Say::text('files.ground', unit: $unit), Say::text('files.part')]];
        foreach ($site->plan->grid->posts as $post) {
            $lines[] = [$post->label, $figure($post->at->x), $figure($post->at->y), $figure(self::ground($site, $post)), $site->plan->partOf($post->id)->name ?? ''];
        }

        return Csv::write($lines);
    }

    /** Above the benchmark’s zero; null where nobody read it. */
    private static function ground(SiteState $site, Post $post): ?Length
    {
        return $site->level->ground[$post] ?? null;
    }
}
