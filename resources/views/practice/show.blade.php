<x-layout :title="$say('practice.title')" :site="$site" :phase="$phase">
    <div class="two">
        <section class="paper files">
            <h1>{{ $say('practice.title') }}</h1>
            <p class="verdict-why">{{ $say('practice.why') }}</p>
            @if ($isDemo)<p>{{ $say('practice.is_demo') }}</p>@else
                <form method="post" action="{{ route('practice.turn', $job) }}" class="reader">@csrf <input type="hidden" name="on"
                    value="{{ $isOn ? '0' : '1' }}"><button class="button {{ $isOn ? 'button-second' : '' }}">{{ $isOn
                        ? $say('practice.switch_off') : $say('practice.switch_on') }}</button></form>@endif
            @if ($entries > 0)
                <form method="post" action="{{ route('practice.out', $job) }}" class="reader">@csrf
                    <button class="button">{{ $say('practice.take_out') }}</button>
                    <p class="hint">{{ $say('practice.take_out_why') }}</p></form>
            @else<p>{{ $say('practice.none') }}</p>@endif
            @if ($isOn)
                <h2>{{ $say('practice.offices') }}</h2>
                <p class="hint">{{ $say('practice.offices_why') }}</p>
                @foreach ($offices as $of => $label)<form method="post" action="{{ route('practice.ask', $job) }}" class="reader">
                    @csrf <input type="hidden" name="of" value="{{ $of }}">
                    <button class="button button-second">{{ $label }}</button></form>@endforeach
            @endif
        </section>
        <div class="side-work"><x-move :site="$site" :here="null" /></div>
    </div>
</x-layout>
