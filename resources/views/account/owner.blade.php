<x-layout :title="$say('account.owner.whose_tool_is_this')">
    <div class="narrow">
        <h1>{{ $say('account.owner.whose_tool_is_this') }}</h1>
        <p>{{ $say('account.owner.this_is_the_first_start') }}</p>
        <form method="post" action="{{ route('owner') }}" class="stack" hx-boost="false">
            @csrf
            <x-field name="name" :label="$say('account.owner.your_name')" autocomplete="name" />
            <x-field name="email" :label="$say('page.e_mail_address')" :hint="$say('account.owner.only_used_to_sign_in')" autocomplete="username"
                inputmode="email" />
            <x-field name="password" :label="$say('page.password')" :hint="$say('account.owner.ten_characters_or_more')" type="password"
                autocomplete="new-password" />
            @if (config('aequus.owner_code') !== '')<x-field name="code" :label="$say('account.owner.code')" :hint="$say('account.owner.code_hint')"
                inputmode="numeric" />@endif
            <button class="button">{{ $say('account.owner.begin') }}</button>
        </form>
    </div>
</x-layout>
