@use('Illuminate\Support\Str')
@if ($reader)
    <form method="post" action="{{ route('practice.read', $site->job) }}" class="reader">
        @csrf <input type="hidden" name="client_id" value="{{ Str::ulid() }}"><input type="hidden" name="post" value="{{ $post }}">
        <button class="button button-second">{{ $reader->isMadeUp() ? $say('practice.read_made_up') : $say('practice.read_true') }}</button>
    </form>
@endif
