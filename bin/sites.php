<?php

// What the survey says of hidden sites whose truth is known, counted: ./aequus bench --sites [how many] [seed]. Prints a table for docs/.

declare(strict_types=1);

use Tests\Simulation\HiddenSites;
use Tests\Simulation\SiteCount;
use Tests\Simulation\Trouble;

require __DIR__.'/../vendor/autoload.php';

[$sites, $seed] = [(int) ($argv[1] ?? 300), (int) ($argv[2] ?? 2026)];
if ($sites < 1) {
    fwrite(STDERR, "aequus: how many sites is a whole number from 1 up, not “{$argv[1]}”.\n");
    exit(1);
}
printf("%d sites each, seed %d. In per cent of the sites.\n\n", $sites, $seed);
$columns = array_map(fn (SiteCount $count) => $count->value, SiteCount::cases());
$row = fn (array $cells) => '| '.implode(' | ', $cells)." |\n";
echo $row(['layout', 'trouble', ...$columns]), $row(['---', '---', ...array_fill(0, count($columns), '---:')]);
foreach (HiddenSites::layouts() as $name => $plan) {
    foreach (Trouble::cases() as $trouble) {
        $counts = HiddenSites::run($plan, $trouble, $sites, $seed);
        echo $row(
            [
                $name, $trouble->value,
                ...array_map(fn (string $column) => isset($counts[$column]) ? sprintf('%.0f', 100 * $counts[$column] / $sites) : '', $columns),
            ],
        );
    }
}
