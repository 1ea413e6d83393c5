<x-layout :title="$say('account.show.your_account')">
    <div class="narrow">
        <h1>{{ $say('account.show.your_account') }}</h1>
        <p>{{ $person->name }}, {{ $person->email }}</p>
        <section>
            <h2>{{ $say('account.password.change') }}</h2>
            <form method="post" action="{{ route('account.password') }}" class="stack">
                @csrf
                <x-field name="present" :label="$say('account.password.present')" type="password" autocomplete="current-password" />
                <x-field name="password" :label="$say('account.password.new')" :hint="$say('account.owner.ten_characters_or_more')" type="password"
                    autocomplete="new-password" />
                <x-field name="again" :label="$say('keeping.passphrase_again')" type="password" autocomplete="new-password" />
                <p class="hint">{{ $say('account.password.forgotten') }}</p>
                <button class="button">{{ $say('account.password.change_it') }}</button>
            </form>
        </section>
        <section>
            <h2>{{ $say('account.sign_ins.where') }}</h2>
            <ul class="plain">@foreach ($signIns as $one)<li>{{ $say('account.sign_ins.one', from: $one['from'],
                since: $one['since']->format('j M Y, H:i'),
                seen: $one['seen']->format('j M Y, H:i'), here: $one['isHere'] ? $say('account.sign_ins.here') : '') }}</li>@endforeach</ul>
            @if (count($signIns) > 1)<form method="post" action="{{ route('account.end-others') }}">@csrf<button
                class="button button-second">{{ $say('account.sign_ins.end_others') }}</button></form>@endif
        </section>
    </div>
</x-layout>
