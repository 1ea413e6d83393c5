<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Site\PanelsAsBuilt;
use Aequus\Site\SiteState;
use Aequus\Words\PageWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;

/** One bay with its panel, as the posts really stand. */
final readonly class PanelRow
{
    /** @param  string  $state  fits, off, or to-pull where it can’t be told yet */
    private function __construct(public string $bay, public string $state, public Sentence $words)
    {
    }

    /** @return list<self> bay by bay; none for a job without panels */
    public static function all(SiteState $site): array
    {
        $panels = PanelsAsBuilt::of($site);
        if ($panels === null) {
            return [];
        }
        $speech = new Speech($site->plan);
        $rows = [];
        foreach ($panels->bays as [$left, $right, $panel]) {
            $rows[] = new self("{$left->label}–{$right->label}", $panel?->fits() ? 'fits' : 'off', match (true) {
                $panel === null => $speech->page(PageWords::of('thing.panel.no_room')),
                $panel->fits() => $speech->page(PageWords::of('thing.panel.fits'), gap: $panel->gap),
                default => $speech->page(PageWords::of('thing.panel.trim'), trim: $panel->trim, left: $panel->afterTrim),
            });
        }
        foreach ($panels->unknown as [$left, $right]) {
            $rows[] = new self(
                "{$left->label}–{$right->label}", 'to-pull', $speech->page(PageWords::of('thing.panel.unknown'), left: $left, right: $right),
            );
        }

        return $rows;
    }
}
