<?php

declare(strict_types=1);

/** What the handover pages say. */
return [
    'show.hand_over' => 'Hand over',
    'show.remark' => '. Remark: {remark}',
    'show.b_b_plan_revision_printed' => '<b>{name}</b>{place}. {what}, plan revision {number}. Printed from {count: # entry|# entries} of '
        .'the logbook{remark}.',
    'show.for_stakes_and_heights_plumb' => '{squareness} for stakes and heights, plumb within 1 in {plumb_one_in}',
    'show.layout' => 'Layout',
    'show.roof' => 'Roof',
    'show.no_roof' => 'None is meant: its footings were not worked out for one, nor for the snow and the lift it brings.',
    'show.one_day' => 'One day',
    'show.spans' => 'Spans',
    'show.not_checked_by_this_tool' => 'not checked by this tool; rely on the table or engineer named on site',
    'show.the_same_at_every_post' => 'the same at every post read,',
    'show.falls_from_to' => 'falls {range} from {label} to {label_b},',
    'show.measured_from' => 'measured from {name}',
    'show.not_met' => 'not met',
    'show.plan_against_what_was_measured' => 'Plan against what was measured',
    'show.remarks' => 'Remarks',
    'show.taken_over_by' => 'taken over by',
    'show.on' => 'on',
    'show.local_code_the_permit_office' => 'Local code, the permit office, the maker’s instructions and a licensed engineer come before '
        .'anything on this sheet.',
    'show.to_whom' => 'To whom',
    'show.hand_it_over' => 'Hand it over',
    'show.on_paper' => 'On paper',
    'show.the_whole_record_with_plan' => 'The whole record with plan and section as built, every tolerance, decisions and pictures, as PDF:',
    'show.record_a4' => 'Record, A4',
    'show.record_letter' => 'Record, Letter',
    'show.this_page_prints_too_from' => 'This page prints too, from the browser’s own print command.',
    'show.a_remark_on_the_job' => 'A remark on the job',
];
