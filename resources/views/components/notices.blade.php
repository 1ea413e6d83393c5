<div class="notices" aria-live="polite">
    @if (session('recorded'))
        <div class="notice notice-done"><p><b>Written down</b> as entry {{ session('recorded') }}.</p>
            @if ($isOfAJob)
                <x-entry-form kind="strike" name="undo">
                    <input type="hidden" name="sequence" value="{{ session('recorded') }}"><input type="hidden" name="reason"
                        value="Taken back at once">
                    <button class="link">Take it back</button>
                </x-entry-form>
            @endif
        </div>
    @endif
    @if (session('said'))
        <p class="notice notice-done">{{ session('said') }}</p>
    @endif
    @foreach (['refused', 'plan'] as $key)
        @error($key)
            <p class="notice notice-refused"><b>Not taken.</b> {{ $message }}</p>
        @enderror
    @endforeach
    @if ($fields > 0)
        <p class="notice notice-refused"><b>Not taken yet.</b>
            {{ $fields === 1 ? 'One field needs another look' : $fields.' fields need another look' }}; the reason stands beside it
            and nothing typed is lost.</p>
    @endif
</div>
