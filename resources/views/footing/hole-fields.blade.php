@use('Aequus\Logbook\Footing\Finding')
@use('Aequus\Plan\Footing\Soil')
@use('App\View\Choices')
<x-field name="depth" form="hole" :label="$label" :unit="$site->plan->notation->unit" wide />
<x-field name="width" form="hole" label="Width, where it differs" :hint="'Empty: '.$site->plan->write($site->plan->hole->width).', as planned.'"
    :unit="$site->plan->notation->unit" />
<x-choice name="found" form="hole" label="It met"
    :options="['' => 'nothing'] + Choices::of(Finding::cases())" />
<details class="field-wide soils" @if ($errors->has('layers') || old('soil') || old('layers')) open @endif>
    <summary>Soil, where you looked; who measured</summary>
<x-choice name="soil" form="hole" label="Soil at the bottom"
    :options="['' => 'not looked at'] + Choices::of(Soil::cases())" />
<x-field name="layers" form="hole" label="Soil above it"
    :hint="'From the top, with the depth each goes to: clay '.$site->plan->write($site->plan->hole->width).'; sand '
        .$site->plan->write($site->plan->hole->width->times(2)).'.'" />
<x-field name="read_by" form="hole" label="Measured by" hint="If not you." />
</details>
<button class="button">Write it down</button>
