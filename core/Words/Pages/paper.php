<?php

declare(strict_types=1);

/** What the paper pages say. */
return [
    'pole.copy_of' => 'Copy of {copy_of}.',
    'pole.sheet_of_print_in_full' => '{name}: {title}, sheet {n} of {count}. Print in full size (100 %, no fitting), then check both bars with a tape.',
    'pole.on_top_of_strip' => 'on top of strip {strip}',
    'pole.end_of_strip' => 'end of strip {strip}',
    'pole.there_is_nothing_to_mark' => 'There is nothing to mark yet: decide the tops first.',
    'record.record' => 'Record, {name}',
    'record.plan_revision_local_code_the' => '{copy_line} {name}, plan revision {number}, {count: # entry|# entries}. Local code, the permit office, the maker’s instructions '
        .'and a licensed engineer come before anything on this sheet.',
    'record.plan_revision' => '{place}{what}, {count: # post|# posts}, plan revision {number}.',
    'record.handed_over_to' => 'Handed over to {to}.{remark}',
    'record.handed_over_under_an_earlier' => 'Handed over under an earlier plan; this one was not taken over yet.',
    'record.not_handed_over_yet' => 'Not handed over yet.',
    'record.in_the_book_a_depth' => 'In the book a depth, a plumb reading or a cut is missing at {part}.',
    'record.spans_of_beams_and_joists' => 'Spans of beams and joists',
    'record.not_checked_by_this_tool' => 'not checked by this tool',
    'record.rely_on_the_table_or' => 'rely on the table or engineer named on site',
    'record.plan_as_built' => 'Plan as built',
    'record.lines_lead_from_the_plans' => 'Lines lead from the plan’s place to where a post really stands, {factor} times enlarged. Filled squares are proved plumb.',
    'record.sections_as_built' => 'Sections as built',
    'record.every_post_plan_against_what' => 'Every post, plan against what was measured',
    'record.within' => 'within',
    'record.leans' => 'leans',
    'record.pictures' => 'Pictures',
    'record.taken_over_by' => 'Taken over by',
    'record.on' => 'On',
];
