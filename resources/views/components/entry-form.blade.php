@props(['action', 'name' => 'entry', 'unit' => null])
<form method="post" action="{{ $action }}" class="entry" data-outbox {{ $attributes }}>
    @csrf
    <input type="hidden" name="client_id" value="{{ \Illuminate\Support\Str::ulid() }}">
    <input type="hidden" name="form" value="{{ $name }}">
    {{ $slot }}
</form>
