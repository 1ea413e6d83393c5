<?php

declare(strict_types=1);

namespace Tests\Feature;

use FilesystemIterator;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\FeatureTestCase;

/** A view places finished things: it works nothing out, asks no database and no guide, and can be read without scrolling sideways. */
final class ViewsTest extends FeatureTestCase
{
    private const LONGEST = 150;

    #[DataProvider('views')]
    public function test_a_view_places_what_is_ready(string $file): void
    {
        $view = (string) file_get_contents(dirname(__DIR__, 2)."/resources/views/{$file}");
        foreach (explode("\n", $view) as $i => $line) {
            $this->assertLessThanOrEqual(self::LONGEST, mb_strlen($line), "{$file}, line ".($i + 1));
        }
        foreach ([
            '@php' => 'no code', '::query(' => 'no query', 'DB::' => 'no query', 'Guide::' => 'no guide', 'number_format(' => 'no number format',
            'array_filter(' => 'no filter', '->filter(' => 'no filter', 'mapWithKeys' => 'no choices made by hand',
        ] as $what => $why) {
            $this->assertStringNotContainsString($what, $view, "{$file}: {$why}");
        }
        $this->assertDoesNotMatchRegularExpression(
            '/(?<!@use\(\')\\\\?(?:App|Aequus|Illuminate)\\\\\w/', (string) preg_replace('/^@use\(.*\)$/m', '', $view),
            "{$file}: classes are named at its top",
        );
    }

    public static function views(): Generator
    {
        $folder = dirname(__DIR__, 2).'/resources/views';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $name = substr((string) $file, strlen($folder) + 1);
            yield $name => [$name];
        }
    }
}
