@use('Aequus\Measure\Unit')
<x-layout title="Plan a new job">
    <form method="post" action="{{ route('plan.store') }}" class="planning" hx-boost="false">
        @csrf
        <input type="hidden" name="form" value="plan"><input type="hidden" name="zone" data-zone value="{{ old('zone') }}">
        <div class="planning-fields">
            <h1>Plan a new job</h1>
            <p class="field-wide">@if ($unit === Unit::Inch)In feet and inches. <a href="{{ route('plan.create', ['in' => 'mm']) }}">Begin in
                millimetres</a>@else In millimetres. <a href="{{ route('plan.create', ['in' => 'in']) }}">Begin in feet and inches</a>@endif</p>
            <fieldset class="group"><legend>Job</legend>
                <x-field name="name" form="plan" label="Name" :value="''" />
                <x-field name="place" form="plan" label="Place or owner" :value="''" />
            </fieldset>
            <x-right form="plan" />
            @include('plan.fields', ['form' => $form, 'unit' => $unit])
            <p><button class="button">Make this plan</button></p>
        </div>
        <div class="planning-drawing" id="preview" hx-post="{{ route('plan.preview') }}" hx-trigger="load, input from:closest form delay:300ms"
            hx-include="closest form" hx-target="this" hx-select="unset" hx-swap="innerHTML" hx-push-url="false" aria-live="polite">
            <p class="empty">Fill in the bays, and the plan is drawn here with its marks. Without scripts it is drawn once the plan is made.</p>
        </div>
    </form>
</x-layout>
