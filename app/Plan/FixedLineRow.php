<?php

declare(strict_types=1);

namespace App\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\KeptDistance;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use App\Type\Say;

/** One thing on the site that will not move, with the planned offset of each row or post from it. */
final readonly class FixedLineRow
{
    private const MOST_NAMED = 6;

    /** @var list<array{string, Length}> whom, and how far off by the plan, nearest first */
    public array $offsets;

    /** How near the nearest face comes to it. */
    public KeptDistance $kept;

    private function __construct(public FixedLine $line, Plan $plan)
    {
        $at = [];
        foreach ($plan->grid->posts as $post) {
            $at[(int) round($line->off($post->at)->inMillimetres())][] = $post;
        }
        uksort($at, fn (int $one, int $other) => abs($one) <=> abs($other));
        $offsets = [];
        foreach ($at as $off => $posts) {
            // A further part has no rows and columns that people could be told by.
            $offsets[] = [array_intersect(array_column($posts, 'label'), array_column($plan->grid->added, 'label')) !== []
                ? implode(', ', array_slice(array_column($posts, 'label'), 0, self::MOST_NAMED)) : self::whom($posts, count($at) > 1),
                $line->off($posts[0]->at)->magnitude()];
        }
        $this->offsets = array_slice($offsets, 0, self::MOST_NAMED);
        $this->kept = new KeptDistance($line, $plan->grid, $plan->sectionOf(...));
    }

    /** @return list<self> */
    public static function of(Plan $plan): array
    {
        return array_map(fn (FixedLine $line) => new self($line, $plan), $plan->fixedLines());
    }

    /** @param  non-empty-list<Post>  $posts  at one distance */
    private static function whom(array $posts, bool $amongOthers): string
    {
        $labels = array_map(fn (Post $post) => $post->label, $posts);
        $rows = array_unique(array_map(fn (string $label) => preg_replace('/^\D+/', '', $label), $labels));
        $columns = array_unique(array_map(fn (string $label) => preg_replace('/\d+$/', '', $label), $labels));

        return match (true) {
            ! $amongOthers && count($labels) > 1 => Say::text('plan.fixed_line_row.every_post'),
            count($labels) > 1 && count($rows) === 1 => Say::text('plan.fixed_line_row.row', rows: $rows[0]),
            count($labels) > 1 && count($columns) === 1 => Say::text('plan.fixed_line_row.column', columns: $columns[0]),
            default => implode(', ', array_slice($labels, 0, self::MOST_NAMED)),
        };
    }
}
