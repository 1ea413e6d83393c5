@use('Aequus\Logbook\Book\Strike')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Words\EntryWords')
@use('App\View\Links')
<x-layout :title="$say('page.logbook')" :site="$site" phase="logbook">
    <div class="two">
        <section class="paper">
            <h1>{{ $lines->total }} {{ $lines->total === 1 ? $say('logbook.show.entry') : $say('logbook.show.entries') }} <span
                class="h-note">{{ $say('logbook.show.nothing_is_lost_nothing_is') }}</span></h1>
            <form method="get" class="choose-section"><label for="book-post">{{ $say('logbook.show.about') }}</label>
                <select id="book-post" name="post" data-submit><option value="">{{ $say('page.all_posts') }}</option>
                    @foreach ($site->plan->grid->posts as $post)
                    <option @selected($lines->post === $post)>{{ $post->label }}</option>@endforeach</select>
                <label for="book-kind">{{ $say('logbook.show.kind') }}</label>
                <select id="book-kind" name="kind" data-submit><option value="">{{ $say('logbook.show.all_kinds') }}</option>
                    @foreach (EntryKind::cases() as $kind)
                    <option value="{{ $kind->value }}" @selected($lines->kind === $kind)>{{ EntryWords::called($kind) }}</option>@endforeach</select>
                <button class="button button-small">{{ $say('page.show') }}</button></form>
            @if ($lines->lines === [] && $lines->asked() !== [])
                <p class="empty">{{ $say('logbook.show.nothing_of_that_is_written') }}</p>
            @elseif ($lines->lines === [])
                <p class="empty">{{ $say('logbook.show.nothing_is_written_yet_every') }}</p>
            @else
                <table class="book">
                    <caption class="vh">{{ $say('logbook.show.entries_newest_first') }}</caption>
                    <thead><tr><th scope="col" class="num">{{ $say('page.no') }}</th><th scope="col">{{ $say('page.what') }}</th>
                        <th scope="col">{{ $say('logbook.show.when_and_who') }}</th>
                        <th scope="col" class="no-print"><span class="vh">{{ $say('logbook.show.strike') }}</span></th></tr></thead>
                    <tbody>
                        @foreach ($lines->lines as $line)
                            <tr class="is-{{ $line->standing }}" id="entry-{{ $line->entry->sequence }}">
                                <td class="num">{{ $line->entry->sequence }}</td>
                                <td><span class="book-what"><x-words :say="$line->what" /></span>@if ($line->standingWords)<br><span
                                    class="muted">{{ $line->standingWords }}</span>@endif</td>
                                <td>{{ $line->when }}<br><span
                                    class="muted">{{ $say('logbook.show.plan', who: $line->who, plan_revision: $line->entry->planRevision) }}</span>
                                        </td>
                                <td class="no-print">@if ($line->standing === 'counts' || $line->standing === 'old')<a
                                    href="{{ Links::asking('logbook', $job, 'strike', $line->entry->sequence) }}#strike"
                                    aria-label="{{ $say('logbook.show.entry_2', payload: $line->entry->payload instanceof Strike
                                        ? $say('logbook.show.undo') : $say('logbook.show.strike'),
                                            sequence: $line->entry->sequence) }}">{{ $line->entry->payload instanceof Strike
                                                ? $say('logbook.show.undo') : $say('logbook.show.strike') }}</a>@endif</td>
                                    </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($lines->olderThan)<p><a class="button button-second"
                    href="{{ route('logbook', ['job' => $job, 'before' => $lines->olderThan] + $lines->asked()) }}">{{
                        $say('logbook.show.older_entries') }}</a></p>@endif
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" />
            <x-quick-line :site="$site" />
            <x-helper />
            <section id="strike">
                <h2>{{ $say('logbook.show.strike_an_entry') }}</h2>
                <x-entry-form kind="strike" name="strike">
                    <x-field name="sequence" form="strike" :label="$say('page.number')" :value="request()->integer('strike') ?: ''"
                        inputmode="numeric" />
                    <x-field name="reason" form="strike" :label="$say('logbook.show.why_it_no_longer_counts')" wide />
                    <button class="button button-second">{{ $say('logbook.show.strike_it') }}</button>
                    <p class="hint">{{ $say('logbook.show.it_stays_in_the_book') }}</p>
                </x-entry-form>
            </section>
            <section>
                <h2>{{ $say('logbook.show.a_remark') }}</h2>
                <x-entry-form kind="remark" name="remark"><x-field name="text" form="remark" :label="$say('logbook.show.in_your_own_words')" wide
                    /><button
                    class="button button-second">{{ $say('page.write_it_down') }}</button></x-entry-form>
            </section>
        </div>
    </div>
</x-layout>
