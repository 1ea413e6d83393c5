<?php

declare(strict_types=1);

/** What the clear pages say. */
return [
    'show.clear' => 'Clear',
    'show.no_line_is_known_here' => 'No line is known here yet',
    'show.every_hole_is_clear_of' => 'Every hole is clear of the known lines',
    'show.into_a_no_dig_band' => '{count} {count: hole reaches|holes reach} into a no-dig band',
    'show.the_smallest_shift_of_the' => 'The smallest shift of the whole grid that clears every band: <b>{whole}</b>. For single posts:',
    'show.within_this_jobs_tolerance' => ', within this job’s tolerance',
    'show.more_than_this_jobs_tolerance' => ', more than this job’s tolerance: it needs a new plan',
    'show.holes_too_near_a_line' => 'Holes too near a line',
    'show.line' => 'Line',
    'show.edge_to_line' => 'edge to line',
    'show.inside_the_band_by' => 'inside the band by',
    'show.decided' => 'Decided',
    'show.move_the_post_in_the' => 'Move the post in the plan',
    'show.utility_marks' => 'Utility marks',
    'show.number' => ', number {reference}',
    'show.that_day_has_come' => ': that day has come',
    'show.asked_for_on_b_b' => 'Asked for on <b>{asked_on}</b>{reference}. After {working_days} full working days digging may begin on '
        .'<b>{runs_out}</b>{is_over}. Weekends are left out; public holidays are yours to add.',
    'show.asked_for_on' => 'Asked for on',
    'show.year_month_day' => 'year-month-day',
    'show.working_days_of_notice' => 'Working days of notice',
    'show.your_marking_desk_says_how' => 'Your marking desk says how many.',
    'show.their_number' => 'Their number',
    'show.asked_again' => 'Asked again',
    'show.i_have_asked' => 'I have asked',
    'show.lines_in_the_ground' => 'Lines in the ground',
    'show.marked_no_dig_each_side' => '{name} ({value}, marked {marking_colour}), {no_dig} no-dig each side',
    'show.entry' => 'entry {sequence}',
    'show.none_entered_enter_what_the' => 'None entered. Enter what the marks show, and the private lines you know of.',
    'show.carries' => 'Carries',
    'show.such_as_water_to_the' => 'Such as: water to the press.',
    'show.no_dig_each_side' => 'No-dig, each side',
    'show.your_marking_desk_says_how_2' => 'Your marking desk says how far; 2 ft or 600 mm is usual.',
    'show.points_one_a_row' => 'Points, one a row',
    'show.from_a1_along_the_base' => 'From A1: along the base line; away from it. Two points or more, such as -3\' ; 17\' 6 and 40\' ; 15\'.',
    'show.or_press_on_the_drawing' => 'Or press on the drawing, point after point.',
    'show.put_the_line_on_the' => 'Put the line on the plan',
];
