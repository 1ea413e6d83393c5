@use('Aequus\Measure\Unit')
@use('App\View\Choices')
<x-layout :title="$say('page.plan_a_new_job')">
    <form method="post" action="{{ route('plan.store') }}" class="planning" hx-boost="false">
        @csrf
        <input type="hidden" name="form" value="plan"><input type="hidden" name="zone" data-zone value="{{ old('zone') }}">
        <div class="planning-fields">
            <h1>{{ $say('page.plan_a_new_job') }}</h1>
            <p class="field-wide">{{ $say('plan.new.in', length: Choices::written($unit)) }} @foreach (Unit::cases() as $other)
                @if ($other !== $unit)<a
                    href="{{ route('plan.create', ['in' => $other->value]) }}">
                        {{ $say('plan.new.begin_in', length: Choices::written($other)) }}</a>@endif
            @endforeach</p>
            <fieldset class="group"><legend>{{ $say('plan.new.job') }}</legend>
                <x-field name="name" form="plan" :label="$say('page.name')" :value="''" />
                <x-field name="place" form="plan" :label="$say('plan.new.place_or_owner')" :value="''" />
            </fieldset>
            <x-right form="plan" />
            @include('plan.fields', ['form' => $form, 'unit' => $unit])
            <p><button class="button">{{ $say('plan.new.make_this_plan') }}</button></p>
        </div>
        <div class="planning-drawing" tabindex="0" id="preview" hx-post="{{ route('plan.preview') }}"
            hx-trigger="load, input from:closest form delay:300ms"
            hx-include="closest form" hx-target="this" hx-select="unset" hx-swap="innerHTML" hx-push-url="false" aria-live="polite">
            <p class="empty">{{ $say('plan.new.fill_in_the_bays_and') }}</p>
        </div>
    </form>
</x-layout>
