@use('App\Http\Requests\Entries\EntryRequest')
<form method="post" action="{{ route('helper') }}" class="entry helper">
    @csrf
    <input type="hidden" name="form" value="helper">
    <x-field name="helper" form="helper" label="Who reads" hint="If somebody else reads what you type: their name on every entry. Empty: you."
        :value="session(EntryRequest::READ_BY, '')" wide />
    <button class="button button-second button-small">{{ session(EntryRequest::READ_BY) ? 'Change' : 'From now on' }}</button>
</form>
