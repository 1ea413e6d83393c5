<x-layout :title="$say('account.sign_in.sign_in')">
    <div class="narrow">
        <h1>{{ $say('account.sign_in.sign_in') }}</h1>
        @if (config('aequus.mode') === 'demo')
            <section class="move">
                <p class="move-kicker">{{ $say('account.sign_in.demo') }}</p>
                <h2>{{ $say('account.sign_in.three_jobs_at_tarn_hollow') }}</h2>
                <p class="move-why">{{ $say('account.sign_in.everything_in_them_is_invented') }}</p>
                <form method="post" action="{{ route('demo') }}" hx-boost="false">@csrf<button
                    class="button">{{ $say('account.sign_in.enter_the_demo') }}</button></form>
            </section>
        @endif
        <form method="post" action="{{ route('sign-in') }}" class="stack" hx-boost="false">
            @csrf
            <x-field name="email" :label="$say('page.e_mail_address')" type="text" autocomplete="username" inputmode="email" />
            <x-field name="password" :label="$say('page.password')" type="password" autocomplete="current-password" />
            <button class="button {{ config('aequus.mode') === 'demo' ? 'button-second' : '' }}">{{ $say('account.sign_in.sign_in') }}</button>
        </form>
    </div>
</x-layout>
