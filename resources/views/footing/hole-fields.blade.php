@use('Aequus\Logbook\Footing\Finding')
@use('Aequus\Plan\Footing\Soil')
@use('App\View\Choices')
<x-field name="depth" form="hole" :label="$label" :unit="$site->plan->notation->unit" wide />
<x-field name="width" form="hole" :label="$say('footing.hole_fields.width_where_it_differs')"
    :hint="$say('footing.hole_fields.empty_as_planned', write: $site->plan->hole->width)"
    :unit="$site->plan->notation->unit" />
<x-choice name="found" form="hole" :label="$say('footing.hole_fields.it_met')"
    :options="['' => $say('footing.hole_fields.nothing')] + Choices::of(Finding::cases())" />
<details class="field-wide soils" @if ($errors->has('layers') || old('soil') || old('layers')) open @endif>
    <summary>{{ $say('footing.hole_fields.soil_where_you_looked_who') }}</summary>
<x-choice name="soil" form="hole" :label="$say('footing.hole_fields.soil_at_the_bottom')"
    :options="['' => $say('footing.hole_fields.not_looked_at')] + Choices::of(Soil::cases())" />
<x-field name="layers" form="hole" :label="$say('footing.hole_fields.soil_above_it')"
    :hint="$say('footing.hole_fields.from_the_top_with_the', write: $site->plan->hole->width,
        write_b: $site->plan->hole->width->times(2))" />
<x-field name="read_by" form="hole" :label="$say('footing.hole_fields.measured_by')" :hint="$say('page.if_not_you')" />
</details>
<button class="button">{{ $say('page.write_it_down') }}</button>
