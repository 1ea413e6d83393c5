@use('Aequus\Plan\Place\FixedKind')
@use('Aequus\Plan\Terms\Side')
@use('Aequus\Words\Names')
@props(['site', 'open' => false])
@php($plan = $site->plan) @php($unit = $plan->notation->unit)
@php($sides = collect(Side::cases())->mapWithKeys(fn ($side) => [$side->value => 'on the '.$plan->sides->of($side).' side'])->all() + ['points' => 'anywhere: by two points'])
<details class="change" id="fixed" @if ($open || old('form') === 'fixed') open @endif>
    <summary>A wall, a boundary: what will not move</summary>
    <p class="hint">Begin from one thing that stands. Where the grid runs parallel to it, offsets read from it hold the whole layout; otherwise the
        distance is only checked.</p>
    <form method="post" action="{{ route('plan.line', $site->job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="fixed"><input type="hidden" name="based_on" value="{{ $site->job->revision->number }}">
        <x-right form="fixed" />
        <x-field name="line_name" form="fixed" label="Called" hint="House wall, barn, north boundary." />
        <x-choice name="line_kind" form="fixed" label="It is a"
            :options="collect(FixedKind::cases())->mapWithKeys(fn ($kind) => [$kind->value => Names::of($kind)])->all()" />
        <x-radios name="line_holds" form="fixed" label="The grid"
            :options="['parallel' => 'runs parallel to it', 'distance' => 'only keeps a distance']" />
        <x-field name="line_least" form="fixed" label="Distance to keep" hint="Only then: from it to the nearest face." :unit="$unit" />
        <x-choice name="line_side" form="fixed" label="It lies" :options="$sides" />
        <x-field name="line_near" form="fixed" label="From it to the middle of the nearest posts" hint="By the plan, at the near end." :unit="$unit"
            />
        <x-field name="line_far" form="fixed" label="At the far end" hint="Empty: the same." :unit="$unit" />
        <details class="field-wide" @if (old('line_side') === 'points') open @endif><summary>By two points on the plan</summary>
            <div class="entry">
                <x-field name="line_x1" form="fixed" label="From: along the base line" :unit="$unit" />
                    <x-field name="line_y1" form="fixed" label="away from it" :unit="$unit" />
                <x-field name="line_x2" form="fixed" label="To: along the base line" :unit="$unit" />
                    <x-field name="line_y2" form="fixed" label="away from it" :unit="$unit" />
            </div>
        </details>
        <x-field name="reason" form="fixed" label="Remark" hint="For the list of revisions." wide />
        <button class="button button-second">Put it on the plan</button>
    </form>
</details>
