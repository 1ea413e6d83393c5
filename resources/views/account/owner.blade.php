<x-layout title="Whose tool is this?">
    <div class="narrow">
        <h1>Whose tool is this?</h1>
        <p>This is the first start. Name the owner once; your name stands beside everything you write into a logbook. All of it stays on this
            machine.</p>
        <form method="post" action="{{ route('owner') }}" class="stack">
            @csrf
            <x-field name="name" label="Your name" autocomplete="name" />
            <x-field name="email" label="E-mail address" hint="Only used to sign in here; nothing is ever sent." autocomplete="username"
                inputmode="email" />
            <x-field name="password" label="Password" hint="Ten characters or more." type="password" autocomplete="new-password" />
            <button class="button">Begin</button>
        </form>
    </div>
</x-layout>
