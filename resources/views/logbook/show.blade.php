@use('Aequus\Logbook\Book\Strike')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Words\Names')
@use('App\View\Links')
<x-layout title="Logbook" :site="$site" phase="logbook">
    <div class="two">
        <section class="paper">
            <h1>{{ $lines->total }} {{ $lines->total === 1 ? 'entry' : 'entries' }} <span class="h-note">nothing is lost, nothing is
                changed</span></h1>
            <form method="get" class="choose-section"><label for="book-post">About</label>
                <select id="book-post" name="post" data-submit><option value="">all posts</option>@foreach ($site->plan->grid->posts as $post)
                    <option @selected($lines->post === $post)>{{ $post->label }}</option>@endforeach</select>
                <label for="book-kind">kind</label>
                <select id="book-kind" name="kind" data-submit><option value="">all kinds</option>@foreach (EntryKind::cases() as $kind)
                    <option value="{{ $kind->value }}" @selected($lines->kind === $kind)>{{ Names::of($kind) }}</option>@endforeach</select>
                <button class="button button-small">Show</button></form>
            @if ($lines->lines === [] && $lines->asked() !== [])
                <p class="empty">Nothing of that is written.</p>
            @elseif ($lines->lines === [])
                <p class="empty">Nothing is written yet. Every tape, rod, hole and level you enter stands here, with who and when.</p>
            @else
                <table class="book">
                    <caption class="vh">Entries, newest first</caption>
                    <thead><tr><th scope="col" class="num">No.</th><th scope="col">What</th><th scope="col">When and who</th>
                        <th scope="col" class="no-print"><span class="vh">Strike</span></th></tr></thead>
                    <tbody>
                        @foreach ($lines->lines as $line)
                            <tr class="is-{{ $line->standing }}" id="entry-{{ $line->entry->sequence }}">
                                <td class="num">{{ $line->entry->sequence }}</td>
                                <td><span class="book-what"><x-words :say="$line->what" /></span>@if ($line->standingWords)<br><span
                                    class="muted">{{ $line->standingWords }}</span>@endif</td>
                                <td>{{ $line->when }}<br><span class="muted">{{ $line->who }}, plan {{ $line->entry->planRevision }}</span></td>
                                <td class="no-print">@if ($line->standing === 'counts' || $line->standing === 'old')<a
                                    href="{{ Links::asking('logbook', $job, 'strike', $line->entry->sequence) }}#strike"
                                    aria-label="{{ $line->entry->payload instanceof Strike ? 'Undo' : 'Strike' }} entry
                                    {{ $line->entry->sequence }}">{{ $line->entry->payload instanceof Strike ? 'Undo' : 'Strike' }}</a>@endif</td>
                                    </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($lines->olderThan)<p><a class="button button-second"
                    href="{{ route('logbook', ['job' => $job, 'before' => $lines->olderThan] + $lines->asked()) }}">Older entries</a></p>@endif
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" />
            <x-quick-line :site="$site" />
            <x-helper />
            <section id="strike">
                <h2>Strike an entry</h2>
                <x-entry-form kind="strike" name="strike">
                    <x-field name="sequence" form="strike" label="Number" :value="request()->integer('strike') ?: ''" inputmode="numeric" />
                    <x-field name="reason" form="strike" label="Why it no longer counts" wide />
                    <button class="button button-second">Strike it</button>
                    <p class="hint">It stays in the book, struck. Striking the strike brings it back.</p>
                </x-entry-form>
            </section>
            <section>
                <h2>A remark</h2>
                <x-entry-form kind="remark" name="remark"><x-field name="text" form="remark" label="In your own words" wide /><button
                    class="button button-second">Write it down</button></x-entry-form>
            </section>
        </div>
    </div>
</x-layout>
