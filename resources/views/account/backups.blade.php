<x-layout :title="$say('keeping.backups')">
    <div class="narrow">
        <h1>{{ $say('keeping.backups') }}</h1>
        <p class="notice {{ $hasLeft ? 'notice-done' : 'notice-refused' }}">{{ $left }}</p>
        <section>
            <h2>{{ $say('keeping.take_a_copy_along') }}</h2>
            <p>{{ $say('keeping.everything_in_one_file') }}</p>
            <form method="post" action="{{ route('backups.take') }}" class="stack" hx-boost="false">
                @csrf
                <x-field name="passphrase" :label="$say('keeping.passphrase')" :hint="$say('keeping.whoever_has_it_reads_it')" type="password"
                    autocomplete="new-password" />
                <x-field name="again" :label="$say('keeping.passphrase_again')" type="password" autocomplete="new-password" />
                <button class="button">{{ $say('keeping.take_the_copy') }}</button>
            </form>
        </section>
        <section>
            <h2>{{ $say('keeping.made_by_themselves') }}</h2>
            <p>{{ $say('keeping.one_a_day', folder: $folder) }}</p>
            @if ($backups === [])<p class="empty">{{ $say('keeping.none') }}</p>@else
                <ul class="plain">@foreach ($backups as $backup)<li>{{ $say('keeping.one', at: $backup['at']->format('j M Y, H:i'),
                    kilobytes: (int) ceil($backup['bytes'] / 1000)) }}</li>@endforeach</ul>
            @endif
            <p class="hint">{{ $say('keeping.how_to_put_one_back') }}</p>
        </section>
    </div>
</x-layout>
