@props(['use', 'now', 'page', 'plan', 'unit'])
<details class="change field-wide" @if ($now || $errors->has($use.'_from') || $errors->has($use.'_to')) open @endif>
    <summary>{{ $say('frame.connector_'.$use) }}</summary>
    <div class="entry">
        <x-choice wide form="fixings" :name="$use.'_yard'" :label="$say('frame.from_the_yard')" :hint="$say('frame.yard_made_up')" value=""
            :options="$page->fromTheYard($use)" />
        <x-field wide form="fixings" :name="$use.'_name'" :label="$say('frame.connector_name')" :hint="$say('frame.connector_name_why')"
            :value="$now->name ?? ''" />
        @foreach (['from' => $now?->from, 'to' => $now?->to, 'least_deep' => $now?->leastDeep, 'screw_long' => $now?->screwLong] as $field => $length)
            <x-field form="fixings" :name="$use.'_'.$field" :label="$say('frame.connector_'.$field)"
                :value="$length ? $plan->write($length) : ''" :unit="$unit" />
        @endforeach
        <x-field form="fixings" :name="$use.'_screws'" :label="$say('frame.connector_screws')" :value="$now->screws ?? ''" inputmode="numeric" />
        <x-field wide form="fixings" :name="$use.'_pattern'" :label="$say('frame.connector_pattern')" :hint="$say('frame.connector_pattern_why')"
            :value="$now->pattern ?? ''" />
        @if ($use === 'base')
            <x-field form="fixings" name="base_bolt_off" :label="$say('frame.connector_bolt_off')" :hint="$say('frame.connector_bolt_off_why',
                side: $plan->sides->plusX)" :value="$now?->boltOff ? $plan->write($now->boltOff) : ''" :unit="$unit" />
        @else
            <x-field form="fixings" :name="$use.'_plies'" :label="$say('frame.connector_plies')" :value="$now->plies ?? ''" inputmode="numeric" />
        @endif
    </div>
</details>
