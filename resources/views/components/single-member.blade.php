@props(['page', 'singles', 'job', 'unit'])
<details class="change" @if (old('form') === 'single') open @endif>
    <summary>{{ $say('frame.single') }}</summary>
    <form method="post" action="{{ route('cut.members.single', $job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="single"><input type="hidden" name="on" value="{{ $page->on }}">
        <input type="hidden" name="based_on" value="{{ old('based_on', $job->revision->number) }}">
        <p class="field-wide hint">{{ $say('frame.single_why') }}</p>
        <x-choice wide form="single" name="layer" :label="$say('frame.single_of')" value="" :options="$singles->singles()" />
        <x-field form="single" name="number" :label="$say('frame.single_number')" :hint="$say('frame.single_number_why')" value=""
            inputmode="numeric" />
        <x-field form="single" name="count" :label="$say('frame.plies')" value="" inputmode="numeric" />
        <x-field form="single" name="thick" :label="$say('frame.thick')" value="" :unit="$unit" />
        <x-field form="single" name="deep" :label="$say('frame.deep')" value="" :unit="$unit" />
        <x-field wide form="single" name="relied" :label="$say('frame.relied')" :hint="$say('frame.relied_why')" value="" />
        <button class="button">{{ $say('frame.single_keep') }}</button>
    </form>
    @foreach ($singles->otherwise() as [$layer, $number, $is])
        <form method="post" action="{{ route('cut.members.single', $job) }}" class="entry">
            @csrf <input type="hidden" name="form" value="single_back"><input type="hidden" name="on" value="{{ $page->on }}">
            <input type="hidden" name="based_on" value="{{ $job->revision->number }}"><input type="hidden" name="layer" value="{{ $layer }}">
            <input type="hidden" name="number" value="{{ $number }}"><input type="hidden" name="back" value="1">
            <p class="field-wide">{{ $is }} <button class="link">{{ $say('frame.single_back') }}</button></p>
        </form>
    @endforeach
</details>
