<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** What keeps the shop in order: lines as wide as a page, and a list of breaks that can still be made. */
final class ShopTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    #[TestWith(['core'])]
    #[TestWith(['app'])]
    public function test_hardly_a_line_is_longer_than_150_letters(string $folder): void
    {
        $lines = $long = 0;
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT.$folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            foreach (explode("\n", (string) file_get_contents((string) $file)) as $line) {
                $lines++;
                $long += mb_strlen($line) > 150 ? 1 : 0;
            }
        }
        $this->assertGreaterThan(10_000, $lines);
        $this->assertLessThan(0.005 * $lines, $long, 'vendor/bin/pint does not break them: break them where you would pause');
    }

    public function test_every_break_in_the_list_can_be_made_in_one_place(): void
    {
        $mutants = json_decode((string) file_get_contents(self::ROOT.'tests/mutants.json'), true, flags: JSON_THROW_ON_ERROR);
        $this->assertIsArray($mutants);
        $this->assertGreaterThanOrEqual(60, count($mutants));
        $gone = [];
        foreach ($mutants as ['file' => $file, 'from' => $from, 'to' => $to]) {
            $php = is_file(self::ROOT.$file) ? (string) file_get_contents(self::ROOT.$file) : '';
            if (substr_count($php, $from) !== 1 || $from === $to) {
                $gone[] = "{$file}: {$from}";
            }
        }
        $this->assertSame([], $gone, 'the code has changed: write the break anew in tests/mutants.json');
    }
}
