@props(['action', 'name' => 'entry', 'unit' => null])
<form method="post" action="{{ $action }}" class="entry" data-outbox {{ $attributes }}>
    @csrf
    <input type="hidden" name="client_id" value="{{ \Illuminate\Support\Str::ulid() }}">
    <input type="hidden" name="form" value="{{ $name }}">
    @if (session('asks_sure') === $name && old('form') === $name)<label class="tick tick-sure"><input type="checkbox" name="sure" value="1"> Right as typed</label>@endif
    {{ $slot }}
</form>
