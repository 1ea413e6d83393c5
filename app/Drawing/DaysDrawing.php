<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Diary\DaysPage;

/**
 * Days as holes along the string: each as deep as its hours of work, light as the band between dawn and dusk, waits hatched, the weather above it.
 */
final readonly class DaysDrawing
{
    /** Of one day. */
    public const WIDE = 92;

    /** The string, with room for the weather above it. */
    public const STRING = 94;

    private const HOUR = 13.0;

    private const GAP = 6;

    /** First and last hour that is drawn. */
    private const FROM = 5;

    private const TO = 21;

    public int $width;

    public float $height;

    /** @var list<array{x: float, day: string, low: string, high: string, sky: array{string, string}, isWorked: bool, lightY: float, lightHeight: float, parts: list<array{float, float}>, waits: list<array{float, float}>, isToday: bool}> */
    public array $days;

    public function __construct(DaysPage $page)
    {
        $days = [];
        foreach ($page->shown() as $day) {
            $window = $page->hands->window($page->forecast->date($day));
            [$rises, $sets] = [$page->sun($day)->rises ?? $page->hands->from, $page->sun($day)->sets ?? $page->hands->to];
            $days[] = [
                'x' => (float) ($day * self::WIDE + 24), 'day' => $page->day($day), 'low' => $page->degrees($page->forecast->days[$day]->least),
                'high' => $page->degrees($page->forecast->days[$day]->greatest), 'sky' => $page->shortSky($day),
                'isWorked' => $page->isWorked($day) && $window->isOpen,
                'lightY' => self::y($rises), 'lightHeight' => max(0.0, self::y($sets) - self::y($rises)), 'parts' => self::parts($page, $day),
                'waits' => self::waits($page, $day), 'isToday' => $day === 0,
            ];
        }
        $this->days = $days;
        $this->width = 24 + self::WIDE * max(1, count($days));
        $this->height = self::y(60 * self::TO) + 12;
    }

    public function right(): int
    {
        return $this->width;
    }

    /** The days with their hours of work, for those who can’t see it. */
    public function words(): string
    {
        return implode(
            '; ', array_map(fn (array $day) => $day['day'].': '.round(array_sum(array_column($day['parts'], 1)) / self::HOUR, 1), $this->days),
        );
    }

    /** @return list<string> slanting lines of a wait, each a path */
    public function hatch(float $x, float $y, float $height): array
    {
        $lines = [];
        for ($at = $y; $at < $y + $height; $at += 6) {
            $lines[] = sprintf('M%.1f %.1fL%.1f %.1f', $x, min($at + 6, $y + $height), $x + $this->hole(), $at);
        }

        return $lines;
    }

    /** How wide a hole is. */
    public function hole(): int
    {
        return self::WIDE - self::GAP;
    }

    /** @return list<array{float, float, int}> hours told at the edge: where, and which */
    public function hours(): array
    {
        return array_map(fn (int $hour) => [self::y(60 * $hour), self::y(60 * $hour) + 4, $hour], [6, 9, 12, 15, 18]);
    }

    private static function y(float $minutes): float
    {
        return round(self::STRING + (min(60 * self::TO, max(60 * self::FROM, $minutes)) / 60 - self::FROM) * self::HOUR, 1);
    }

    /** @return list<array{float, float}> from where and how high each stretch of work is */
    private static function parts(DaysPage $page, int $day): array
    {
        $parts = [];
        foreach (array_merge([], ...array_values($page->days->planned)) as $one) {
            foreach ($one->parts as [$from, $to]) {
                if (intdiv($from, 1440) === $day && $to > $from) {
                    $parts[] = [self::y($from - 1440 * $day), round(self::y($to - 1440 * $day) - self::y($from - 1440 * $day), 1)];
                }
            }
        }

        return $parts;
    }

    /** @return list<array{float, float}> stretches in which concrete ripens and nothing can be done on it */
    private static function waits(DaysPage $page, int $day): array
    {
        [$from, $to] = $page->days->wait ?? [0, 0];
        [$from, $to] = [max($from, $day * 1440) - $day * 1440, min($to, ($day + 1) * 1440) - $day * 1440];

        return $to > $from ? [[self::y($from), round(self::y($to) - self::y($from), 1)]] : [];
    }
}
