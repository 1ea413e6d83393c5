<?php

declare(strict_types=1);

namespace App\Files;

use Aequus\Logbook\Clear\ServiceType;
use Aequus\Plan\Place\SiteKind;
use Aequus\Words\Names;
use App\Exchange\Drawn\Drawn;
use App\Exchange\Drawn\Shape;
use App\Type\Say;

/** What a drawing shows, layer by layer, and what each may become, before anything of it is stored. */
final readonly class DrawingPage
{
    /** Names of units by mm of one. */
    public const UNITS = ['1' => 'mm', '10' => 'cm', '1000' => 'm', '25.4' => 'in', '304.8' => 'ft'];

    /** @param  string  $token  under which the file waits */
    public function __construct(private Drawn $drawn, public string $token)
    {
    }

    /** @return list<array{string, string, string, string}> number, name, what is on it, and what it is taken for at first */
    public function layers(): array
    {
        $layers = $this->drawn->layers();

        return array_map(
            fn (int $i, string $name) => [
                (string) $i, $name, $this->said($layers[$name]), preg_match('/post|peg|stake/i', $name) === 1 ? 'posts' : '',
            ],
            array_keys(array_keys($layers)), array_map(strval(...), array_keys($layers)),
        );
    }

    /** @return array<string, string> what a layer may become */
    public function roles(): array
    {
        $named = fn (array $cases): array => array_combine(array_column($cases, 'value'), array_map(fn ($case) => ucfirst(Names::of($case)), $cases));

        return ['' => Say::text('files.drawn_leave'), 'posts' => Say::text('files.drawn_posts')] + $named(SiteKind::cases())
            + array_map(fn (string $name) => Say::text('files.drawn_in_ground', name: $name), $named(ServiceType::cases()));
    }

    /** As the drawing says, else as the job measures. */
    public function unit(string $usual): string
    {
        return $this->drawn->unit === null ? $usual : rtrim(rtrim(number_format($this->drawn->unit, 4, '.', ''), '0'), '.');
    }

    public function isWorld(): bool
    {
        return $this->drawn->isWorld;
    }

    /** @return list<string> what was not understood, in words */
    public function left(): array
    {
        return array_map(
            fn (string $what, int $count) => Say::text('files.drawn_left', what: $what, count: $count), array_keys($this->drawn->left),
            $this->drawn->left,
        );
    }

    /** @param  list<Shape>  $shapes */
    private function said(array $shapes): string
    {
        $spots = count(array_filter($shapes, fn (Shape $shape) => $shape->isSpot()));

        return implode(
            ', ',
            array_filter(
                [
                    $spots === 0 ? '' : Say::text('files.drawn_spots', count: $spots),
                    count($shapes) === $spots ? '' : Say::text('files.drawn_lines', count: count($shapes) - $spots),
                ],
            ),
        );
    }
}
