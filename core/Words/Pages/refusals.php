<?php

declare(strict_types=1);

/** Why a form is not taken, each beside its field. */
return [
    'benchmark.say_what_the_benchmark_is' => 'Say what the benchmark is: a sill, a kerb, a nail in a tree.',
    'handed_over.this_is_a_copy_of' => 'This is a copy of {copy_of}: hand over the job itself. A copy is no evidence.',
    'height_difference.enter_how_much_without_a' => 'Enter how much without a sign, and choose which of the two is higher.',
    'height_difference.enter_the_length_of_the' => 'Enter the length of the board, or of the string between the two points.',
    'notice.enter_the_day_as_year' => 'Enter the day as year-month-day, such as 2026-05-04.',
    'notice.enter_the_working_days_of' => 'Enter the working days of notice as a whole number; your marking desk says how many.',
    'plumb.say_to_which_side_the' => 'Say to which side the top goes, or that it is plumb.',
    'plumb.choose_the_direction_to_which' => 'Choose the direction to which the top goes, or along which it is plumb.',
    'plumb.say_whether_it_leans_that' => 'Say whether it leans that way or is plumb.',
    'plumb.is_no_angle_enter_degrees' => '“{typed}” is no angle. Enter degrees, such as 0.4.',
    'rod.set_up_1' => 'Set-up 1',
    'rod.has_seen_no_point_whose' => '{from} has seen no point whose height is known, so it would tell nothing about this one. Read the '
        .'benchmark first, or '
        .'a point you have read from another set-up; or tick “I read a known point later” and send it again.',
    'service.row_needs_two_lengths_with' => 'Row {i} needs two lengths with a semicolon between: along the base line; away from it.',
    'service.line' => '{carries} line',
    'string_offset.enter_how_far_and_choose' => 'Enter how far, and choose the side it stands toward; no minus is needed.',
    'tape.temperature_pull_and_sag_are' => 'Temperature, pull and sag are known for steel tapes only. Leave them empty, or choose a steel tape.',
    'fit.must_fit' => 'Must fit: {name}',
    'fit.something_need_not_fit_any' => 'Something need not fit any more',
    'fit.name_what_must_fit_mower' => 'Name what must fit: mower, gate, sheet of plywood.',
    'fixed_line.fixed_no_more' => 'Fixed no more: {name}',
    'fixed_line.fixed_on_the_site' => 'Fixed on the site: {name}',
    'fixed_line.name_it_house_wall_boundary' => 'Name it: house wall, boundary, edge of the road.',
    'fixed_line.there_is_one_called_already' => 'There is one called {name} already.',
    'fixed_line.say_whether_the_grid_runs' => 'Say whether the grid runs parallel to it, or only keeps a distance.',
    'fixed_line.measure_outward_from_the_posts' => 'Measure outward from the posts to it; a line between the posts is typed by two points.',
    'footing.a_post_has_one_role' => 'A post has one role; this one is named twice. Keep the one that asks for more.',
    'holding.a_post_is_held_one' => 'A post is held one way; this one is named twice. Keep it where it belongs.',
    'holding.choose_another_way_or_change' => '{part}: {what} Choose another way, or change what the site is like.',
    'layout_rules.how_the_layout_is_proved' => 'How the layout is proved',
    'layout_rules.the_boards_would_stand_in' => 'The boards would stand in the holes. Set them back by more than half a hole, clear of the auger.',
    'plan.a_tolerance_is_above_zero' => 'A tolerance is above zero. Leave it empty for the usual figure.',
    'plan.enter_how_many_bays_or' => 'Enter how many bays, or the largest bay allowed.',
    'raise.the_tops_would_lie_below' => 'The tops would lie below the datum line. Enter less, or strike a lower line first.',
    'tops.the_datum_line_lies_below' => 'The datum line lies below the tops, so that marks are measured up from it. Enter a lower line.',
    'tops.a_row_lies_below_the' => 'A row lies below the datum line. Enter a higher row, or a lower line.',
    'tops.at_the_top_would_lie' => 'At {label} the top would lie in the ground, which stands at {at}. Raise the tops, or let them fall less.',
    'tops.is_not_a_row_and' => '“{typed}” is not a row and its height. Enter such as 1 2300; 2 2450.',
    'reads_fields.choose_one_of_the_list' => 'Choose one of the list.',
    'plumb.good_to' => '“{typed}” is no figure a phone is good to. Enter more than nothing and at most 1 in 20, or leave it empty.',
];
