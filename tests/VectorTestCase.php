<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use PHPUnit\Framework\TestCase;

/** Compares what the core computes with the independent cases, within the tolerance their file states. */
abstract class VectorTestCase extends TestCase
{
    use ComparesAll;

    protected const TOPIC = '';

    protected static function mm(int|float|null $millimetres): ?Length
    {
        return $millimetres === null ? null : Length::millimetres($millimetres);
    }

    /** @param  array<string, mixed>  $section  a post as a case gives it */
    protected function section(array $section): Section
    {
        return $section['shape'] === 'round'
            ? Section::round(Length::millimetres($section['diameter'] ?? $section['d']))
            : Section::rectangle(Length::millimetres($section['b']), Length::millimetres($section['d']));
    }

    protected function assertNumber(?float $expected, ?float $computed, string $what = ''): void
    {
        if ($expected === null || $computed === null) {
            $this->assertSame($expected, $computed, $what);

            return;
        }
        $this->assertTrue(Vectors::close(static::TOPIC, $expected, $computed), "{$what}: {$expected} expected, {$computed} computed");
    }

    protected function assertLength(?float $expected, ?Length $computed, string $what = ''): void
    {
        $this->assertNumber($expected, $computed?->inMillimetres(), $what);
    }
}
