@use('Illuminate\Support\Str')
@props(['kind', 'name' => 'entry'])
<form method="post" action="{{ route('entry', [request()->route('job'), $kind]) }}" class="entry" data-outbox {{ $attributes }}>
    @csrf
    <input type="hidden" name="client_id" value="{{ Str::ulid() }}">
    <input type="hidden" name="form" value="{{ $name }}">
    @if (session('asks_sure') === $name && old('form') === $name)<label class="tick tick-sure"><input type="checkbox" name="sure"
        value="1"> {{ $say('page.right_as_typed') }}</label>@endif
    {{ $slot }}
</form>
