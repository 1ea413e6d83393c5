@php
    $fields = collect($errors->keys())->diff(['refused', 'plan']);
@endphp
<div class="notices" aria-live="polite">
    @if (session('recorded'))
        <p class="notice notice-done"><b>Written down</b> as entry {{ session('recorded') }}.</p>
    @endif
    @if (session('said'))
        <p class="notice notice-done">{{ session('said') }}</p>
    @endif
    @foreach (['refused', 'plan'] as $key)
        @error($key)
            <p class="notice notice-refused"><b>Not taken.</b> {{ $message }}</p>
        @enderror
    @endforeach
    @if ($fields->isNotEmpty())
        <p class="notice notice-refused"><b>Not taken yet.</b> {{ $fields->count() === 1 ? 'One field needs another look' : $fields->count().' fields need another look' }}; the reason stands beside it and nothing typed is lost.</p>
    @endif
</div>
