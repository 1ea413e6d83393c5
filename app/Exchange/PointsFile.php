<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;

/**
 * Where each post stands, as a table: label, along, across, ground, and what part it is of; as figures are typed in the job, or in decimal feet where
 * it divides inches.
 */
final class PointsFile
{
    public static function write(SiteState $site): string
    {
        $system = $site->plan->notation->system();
        $figure = fn (?Length $length): string => $length === null ? '' : ($system->isDivided ? number_format(
            $length->inMillimetres() / $system->far, 5, '.', '',
        ) : (string) round($length->inMillimetres() / $system->one, 3));
        $unit = $system->isDivided ? $system->farName : $system->sign;
        $lines = [[Say::text('files.label'), "x, {$unit}", "y, {$unit}", Say::text('files.ground', unit: $unit), Say::text('files.part')]];
        foreach ($site->plan->grid->posts as $post) {
            $lines[] = [
                $post->label, $figure($post->at->x), $figure($post->at->y), $figure(self::ground($site, $post)),
                $site->plan->partOf($post->id)->name ?? '',
            ];
        }

        return Csv::write($lines);
    }

    /** Above the benchmark’s zero; null where nobody read it. */
    private static function ground(SiteState $site, Post $post): ?Length
    {
        return $site->level->ground[$post] ?? null;
    }
}
