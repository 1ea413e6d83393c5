<?php

declare(strict_types=1);

/** What the logbook pages say. */
return [
    'show.entry' => 'entry',
    'show.entries' => 'entries',
    'show.nothing_is_lost_nothing_is' => 'nothing is lost, nothing is changed',
    'show.about' => 'About',
    'show.kind' => 'kind',
    'show.all_kinds' => 'all kinds',
    'show.nothing_of_that_is_written' => 'Nothing of that is written.',
    'show.nothing_is_written_yet_every' => 'Nothing is written yet. Every tape, rod, hole and level you enter stands here, with who and when.',
    'show.entries_newest_first' => 'Entries, newest first',
    'show.when_and_who' => 'When and who',
    'show.strike' => 'Strike',
    'show.plan' => '{who}, plan {plan_revision}',
    'show.undo' => 'Undo',
    'show.entry_2' => '{payload} entry {sequence}',
    'show.older_entries' => 'Older entries',
    'show.strike_an_entry' => 'Strike an entry',
    'show.why_it_no_longer_counts' => 'Why it no longer counts',
    'show.strike_it' => 'Strike it',
    'show.it_stays_in_the_book' => 'It stays in the book, struck. Striking the strike brings it back.',
    'show.a_remark' => 'A remark',
    'show.in_your_own_words' => 'In your own words',
    'log_lines.written_by' => '{read_by}, written by {recorded_by}',
    'log_lines.struck' => 'struck: {reason}',
    'log_lines.corrected_by_entry' => 'corrected by entry {sequence}',
    'log_lines.from_before_the_stake_was' => 'from before the stake was moved',
];
