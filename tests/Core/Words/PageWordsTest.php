<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use Aequus\Words\PageWords;
use FilesystemIterator;
use OutOfBoundsException;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Every text of a page is asked for by its key somewhere, and whatever is asked for is there. */
final class PageWordsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    public function test_no_text_is_said_by_nobody(): void
    {
        $sources = $this->sources();
        // Some keys end in what they are about: “cut.rod_marks.from_{$from}”.
        preg_match_all('/["\']([a-z_]+\.[a-z_.]+[._])(?:\{\$|\'\.)/', $sources, $stems);
        $unsaid = [];
        foreach ($this->files() as $file) {
            foreach (array_keys(PageWords::in($file)) as $key) {
                $whole = $file === 'script' ? $key : "{$file}.{$key}";
                if (! str_contains($sources, "'{$whole}'") && array_filter($stems[1], fn (string $stem) => str_starts_with($whole, $stem)) === []) {
                    $unsaid[] = $whole;
                }
            }
        }
        $this->assertSame([], $unsaid);
    }

    public function test_whatever_is_asked_for_is_there(): void
    {
        preg_match_all('/(?:\$say|Say::text)\(\s*\'([^\']+[^._\'])\'/', $this->sources(), $found);
        $this->assertGreaterThan(1000, count($found[1]));
        foreach ($found[1] as $key) {
            $this->assertNotSame('', PageWords::of($key));
        }
        $this->expectException(OutOfBoundsException::class);
        PageWords::of('square.no_such_text');
    }

    public function test_a_place_in_a_text_has_a_name_that_its_caller_can_give(): void
    {
        foreach ($this->files() as $file) {
            foreach (PageWords::in($file) as $key => $text) {
                $places = (string) preg_replace('/\{\^?[a-z_]+(?:[;,|&])?(?:: [^{}|]*\|[^{}]*)?\}/', '', $text);
                $this->assertDoesNotMatchRegularExpression('/[{}]/', $places, "{$file}.{$key}: {$text}");
            }
        }
    }

    /** @return list<string> */
    private function files(): array
    {
        return array_map(fn (string $file) => basename($file, '.php'), glob(self::ROOT.'/core/Words/Pages/*.php') ?: []);
    }

    private function sources(): string
    {
        $all = '';
        foreach (['resources/views', 'resources/js', 'app', 'bootstrap'] as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT."/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
                $all .= file_get_contents((string) $file);
            }
        }

        return $all;
    }
}
