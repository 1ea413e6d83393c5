@use('App\Http\Requests\Entries\EntryRequest')
<form method="post" action="{{ route('helper') }}" class="entry helper">
    @csrf
    <input type="hidden" name="form" value="helper">
    <x-field name="helper" form="helper" :label="$say('components.helper.who_reads')" :hint="$say('components.helper.if_somebody_else_reads_what')"
        :value="session(EntryRequest::READ_BY, '')" wide />
    <button class="button button-second button-small">{{ session(EntryRequest::READ_BY) ? $say('components.helper.change')
        : $say('components.helper.from_now_on') }}</button>
</form>
