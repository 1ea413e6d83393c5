<?php

declare(strict_types=1);

namespace App\Files;

use Aequus\Measure\Length;
use Aequus\Measure\UnitSystem;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Plan\Plan;
use Aequus\Site\PlanInWorld;
use App\Type\Say;

/** Where a plan lies in the world: the points both know, how well they agree, and the files for whoever works there. */
final readonly class WorldPage
{
    public const MOST_POINTS = 6;

    public ?PlanInWorld $world;

    public string $unit;

    /** Metres, or feet. */
    private UnitSystem $system;

    public function __construct(private Plan $plan)
    {
        $this->world = $plan->world === null ? null : new PlanInWorld($plan, $plan->world);
        $this->system = $plan->notation->system();
        $this->unit = $this->system->farName;
    }

    /** @return list<array{int, string, string, string}> lines of the form: number, post, east, north */
    public function lines(): array
    {
        $lines = [];
        for ($i = 1; $i <= self::MOST_POINTS; $i++) {
            $point = $this->plan->world->points[$i - 1] ?? null;
            $lines[] = [
                $i, $point === null ? '' : $this->plan->grid->find($point[0])->label ?? '', $point === null ? '' : $this->figure($point[1]),
                $point === null ? '' : $this->figure($point[2]),
            ];
        }

        return $lines;
    }

    /** @return array<string, string> posts by what is sent */
    public function posts(): array
    {
        $labels = array_map(fn ($post) => $post->label, $this->plan->grid->posts);

        return ['' => ''] + array_combine($labels, $labels);
    }

    /** @return list<array{string, Length}> how far each common point is off, by its label */
    public function residuals(): array
    {
        $fit = $this->world?->fit;

        return $fit === null ? [] : array_map(
            fn (string $label, $off) => [$label, Length::millimetres(round($off->length(), 1))], array_map(strval(...), array_keys($fit->residuals)),
            $fit->residuals,
        );
    }

    /** How grid and plan distances agree, in words. */
    public function ratio(): string
    {
        $fit = $this->world?->fit;

        return $fit === null ? '' : Say::text('files.world_ratio', ratio: number_format($fit->ratio, 6), turn: number_format(rad2deg($fit->turn), 4));
    }

    public function place(): WorldPlace
    {
        return $this->plan->world ?? new WorldPlace([]);
    }

    public function zeroHeight(): string
    {
        return $this->place()->zeroHeight === null ? '' : $this->figure($this->place()->zeroHeight);
    }

    private function figure(Length $length): string
    {
        return rtrim(rtrim(number_format($length->inMillimetres() / $this->system->far, 4, '.', ''), '0'), '.');
    }
}
