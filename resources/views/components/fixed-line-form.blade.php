@use('Aequus\Plan\Place\FixedKind')
@use('App\View\Choices')
@props(['site', 'open' => false])
<details class="change" id="fixed" @if ($open || old('form') === 'fixed') open @endif>
    <summary>A wall, a boundary: what will not move</summary>
    <p class="hint">Begin from one thing that stands. Where the grid runs parallel to it, offsets read from it hold the whole layout; otherwise the
        distance is only checked.</p>
    <form method="post" action="{{ route('plan.line', $site->job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="fixed"><input type="hidden" name="based_on" value="{{ $site->job->revision->number }}">
        <x-right form="fixed" />
        <x-field name="line_name" form="fixed" label="Called" hint="House wall, barn, north boundary." />
        <x-choice name="line_kind" form="fixed" label="It is a"
            :options="Choices::of(FixedKind::cases())" />
        <x-radios name="line_holds" form="fixed" label="The grid"
            :options="['parallel' => 'runs parallel to it', 'distance' => 'only keeps a distance']" />
        <x-field name="line_least" form="fixed" label="Distance to keep" hint="Only then: from it to the nearest face."
            :unit="$site->plan->notation->unit" />
        <x-choice name="line_side" form="fixed" label="It lies"
            :options="Choices::sides($site->plan->sides, 'on the %s side') + ['points' => 'anywhere: by two points']" />
        <x-field name="line_near" form="fixed" label="From it to the middle of the nearest posts" hint="By the plan, at the near end."
            :unit="$site->plan->notation->unit"
            />
        <x-field name="line_far" form="fixed" label="At the far end" hint="Empty: the same." :unit="$site->plan->notation->unit" />
        <details class="field-wide" @if (old('line_side') === 'points') open @endif><summary>By two points on the plan</summary>
            <div class="entry">
                <x-field name="line_x1" form="fixed" label="From: along the base line" :unit="$site->plan->notation->unit" />
                    <x-field name="line_y1" form="fixed" label="away from it" :unit="$site->plan->notation->unit" />
                <x-field name="line_x2" form="fixed" label="To: along the base line" :unit="$site->plan->notation->unit" />
                    <x-field name="line_y2" form="fixed" label="away from it" :unit="$site->plan->notation->unit" />
            </div>
        </details>
        <x-field name="reason" form="fixed" label="Remark" hint="For the list of revisions." wide />
        <button class="button button-second">Put it on the plan</button>
    </form>
</details>
