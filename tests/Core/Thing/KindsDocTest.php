<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Things;
use Aequus\Words\Names;
use Aequus\Words\Thing\AskWords;
use PHPUnit\Framework\TestCase;

/** The table of kinds in the docs asks what the kinds ask, in their order. */
final class KindsDocTest extends TestCase
{
    public function test_the_table_has_every_kind_with_its_questions(): void
    {
        $doc = (string) file_get_contents(dirname(__DIR__, 3).'/docs/kinds.md');
        preg_match_all('/^\| ([^|]+) \| ([^|]+) \| [^|]+ \| [^|]+ \| [^|]+ \|$/m', $doc, $rows, PREG_SET_ORDER);
        $told = array_map(fn (array $row) => [$row[1], $row[2]], array_slice($rows, 1));
        $ofAll = array_map(fn (Asked $asked) => $asked->ask, AskedOfAll::timber());
        $own = fn (Thing $thing): array => array_filter($thing->asks(), fn (Asked $asked) => ! in_array($asked->ask, $ofAll, true));
        $this->assertSame(array_map(fn (Thing $thing) => [
            Names::of($thing->kind()), implode('; ', array_map(fn (Asked $asked) => AskWords::asks($asked->ask), $own($thing))),
        ], Things::all()), $told);
    }
}
