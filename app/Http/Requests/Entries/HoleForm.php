<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Footing\Finding;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Refusal;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Plan;
use Aequus\Words\Names;

/** How deep a hole came out, how wide where that differs, and what it met. */
final class HoleForm extends EntryRequest
{
    protected const MAIN_FIELD = 'depth';

    protected const FIELDS = ['width' => 'width'];

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $depth, $width] = [$this->postAt($plan), $this->measure('depth', $plan), $this->lengthOrNone('width', $plan->notation->unit)];
        $found = $this->text('found') === '' ? null : $this->choice('found', Finding::class);
        if ($width !== null && ! $width->isPositive()) {
            $this->refuse('width', EntryRefused::widthNotPositive());
        }
        if ($depth !== null && ! $depth->isPositive()) {
            $this->refuse('depth', EntryRefused::depthNotPositive());
        }

        $dug = $post && $depth && $this->refusals === []
            ? $this->attempt('layers', fn () => new HoleDug($post, $depth, $width, $found, $this->soils($depth, $plan))) : null;
        $this->attempt('width', fn () => $dug?->checkUnder($plan));

        return $this->refusals === [] ? $dug : null;
    }

    /**
     * “clay 400; sand 900” down from the top, and what is at the bottom.
     *
     * @return list<SoilLayer>
     *
     * @throws Refusal naming the layer that was not understood
     */
    private function soils(Length $depth, Plan $plan): array
    {
        $layers = [];
        foreach (preg_split('/\s*(?:;|\R|,\s)\s*/', $this->text('layers'), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $typed) {
            $soil = array_values(array_filter(Soil::cases(), fn (Soil $one) => str_starts_with(mb_strtolower($typed), Names::of($one).' ')))[0]
                ?? throw EntryRefused::layerNotUnderstood($typed);
            $layers[] = new SoilLayer(
                $soil,
                LengthReader::read(preg_replace('/^to\s+/i', '', trim(mb_substr($typed, mb_strlen(Names::of($soil))))) ?? '', $plan->notation->unit),
            );
        }
        $foot = $this->text('soil') === '' ? null : $this->choice('soil', Soil::class);
        $last = $layers === [] ? null : $layers[count($layers) - 1];

        return $foot === null || $last?->to->equals($depth) ? $layers : [...$layers, new SoilLayer($foot, $depth)];
    }
}
