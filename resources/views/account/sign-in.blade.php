<x-layout title="Sign in">
    <div class="narrow">
        <h1>Sign in</h1>
        @if (config('aequus.mode') === 'demo')
            <section class="move">
                <p class="move-kicker">Demo</p>
                <h2>Three jobs at Tarn Hollow Orchard</h2>
                <p class="move-why">Everything in them is invented. What you change stays on this machine.</p>
                <form method="post" action="{{ route('demo') }}">@csrf<button class="button">Enter the demo</button></form>
            </section>
        @endif
        <form method="post" action="{{ route('sign-in') }}" class="stack">
            @csrf
            <x-field name="email" label="E-mail address" type="text" autocomplete="username" inputmode="email" />
            <x-field name="password" label="Password" type="password" autocomplete="current-password" />
            <button class="button {{ config('aequus.mode') === 'demo' ? 'button-second' : '' }}">Sign in</button>
        </form>
    </div>
</x-layout>
