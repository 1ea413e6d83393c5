<div class="notices" aria-live="polite">
    @if (session('recorded'))
        <div class="notice notice-done"><p>{{ $say('components.notices.b_written_down_b_as', part: session('recorded')) }}</p>
            @if ($isOfAJob)
                <x-entry-form kind="strike" name="undo">
                    <input type="hidden" name="sequence" value="{{ session('recorded') }}"><input type="hidden" name="reason"
                        value="Taken back at once">
                    <button class="link">{{ $say('page.take_it_back') }}</button>
                </x-entry-form>
            @endif
        </div>
    @endif
    @if (session('said'))
        <p class="notice notice-done">{{ session('said') }}</p>
    @endif
    @foreach (['refused', 'plan'] as $key)
        @error($key)
            <p class="notice notice-refused"><b>{{ $say('components.notices.not_taken') }}</b> {{ $message }}</p>
        @enderror
    @endforeach
    @if ($fields > 0)
        <p class="notice notice-refused"><b>{{ $say('components.notices.not_taken_yet') }}</b>
            {{ $say('components.notices.the_reason_stands_beside_it', fields: $fields === 1 ? $say('components.notices.one_field_needs_another_look')
                : $say('components.notices.fields_need_another_look', fields: $fields)) }}</p>
    @endif
</div>
