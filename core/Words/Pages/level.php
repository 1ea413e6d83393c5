<?php

declare(strict_types=1);

/** What the level pages say. */
return [
    'instruments.one_post_has_no_far' => 'One post has no far corner',
    'instruments.any_level_will_do_to' => 'Any level will do to bring its height from the benchmark; test it first, on the right.',
    'instruments.the_boards_length_below_is' => 'The board’s length below is not understood.',
    'instruments.board_for_hopping' => 'Board for hopping',
    'instruments.no_instrument_here_meets_the' => 'No instrument here meets the tolerance',
    'instruments.will_do' => '{name} will do',
    'instruments.it_is_the_simplest_that' => 'It is the simplest that keeps the far corner within {squareness}, 19 times in 20: {it}.',
    'instruments.none_keeps_the_far_corner' => 'None keeps the far corner within {squareness} 19 times in 20. Read twice and take the '
        .'mean, come nearer, or allow '
        .'more.',
    'instruments.what_each_would_do_on' => 'What each would do on this grid',
    'instruments.from_one_corner_to_the' => 'from one corner to the far one, before anything is read',
    'instruments.instrument' => 'Instrument',
    'instruments.readings' => 'readings',
    'instruments.how' => 'How',
    'instruments.a_spirit_level_is_taken' => 'A spirit level is taken as true to 0.5 mm in a metre and read to {r_e_a_d_i_n_g} mm: never '
        .'turned, its own error adds '
        .'up with every hop, √((n·c·ℓ)² + n·r²); turned end for end each time only an odd hop keeps it. A line level is good to '
        .'1 mm in a metre of string. A water level reads to 2 mm whatever the distance, as long as no bubble is in the hose. A '
        .'laser reads to 1 mm and strays 0.1 mm in a metre. Times 1.96 is 95 %.',
    'instruments.a_spirit_level_by_turning' => 'A spirit level, by turning it',
    'instruments.board_on_two_points_read' => 'Board on two points; read how much the second is higher, turn the level end for end, read '
        .'again. A minus where it is '
        .'lower.',
    'instruments.one_way' => 'One way',
    'instruments.turned' => 'Turned',
    'instruments.it_shows_no_error_of' => 'It shows no error of its own.',
    'instruments.over_this_length_it_shows' => 'Over this length it shows the second end {tenth} too {is_negative}. Half the difference '
        .'is the level’s, the mean of '
        .'the two is the ground’s.',
    'instruments.a_laser_or_optical_level' => 'A laser or optical level, by two pegs',
    'instruments.read_both_pegs_from_the' => 'Read both pegs from the middle, then again from close to one.',
    'instruments.first_place_rod_on_a' => 'First place: rod on A',
    'instruments.rod_on_b' => 'rod on B',
    'instruments.it_stood_from_a' => 'It stood from A',
    'instruments.from_b' => 'from B',
    'instruments.second_place_rod_on_a' => 'Second place: rod on A',
    'instruments.the_line_of_sight_in' => 'The line of sight {ratio} {tenth} in 10 m.',
    'instruments.that_is_more_than_the' => 'That is more than the 1 mm in 10 m it is counted on for: have it set right, or keep it as far '
        .'from one rod as from the '
        .'other.',
    'instruments.that_is_within_the_1' => 'That is within the 1 mm in 10 m it is counted on for.',
    'instruments.a_line_level_on_a' => 'A line level on a string',
    'instruments.string_long' => 'String long',
    'instruments.hung_from_the_first_end' => 'Hung from the first end',
    'instruments.hung_in_the_middle_the' => 'Hung in the middle, the sag of {tenth} is alike on both sides and the ends come level. Hung '
        .'at one end, as some do to '
        .'read it from there, the other end comes {right_higher} too {is_negative}.',
    'instruments.hung_as_you_say_aequus' => 'Hung as you say: {tenth}; Aequus takes that out of the reading.',
    'instruments.in_the_middle_is_the' => 'In the middle is the school we keep: there the error is none, only the string’s. For a string '
        .'of 0.01 N in a metre, '
        .'pulled with 50 N.',
    'instruments.what_the_two_pegs_showed' => 'What the two pegs showed can be taken out of every rod whose distance to the instrument is '
        .'written down.',
    'instruments.take_it_out_of_the' => 'Take it out of the rods',
    'show.level' => 'Level',
    'show.a_benchmark_a_set_up' => 'A benchmark, a set-up that sees it, and the rod at every post: that gives every hole its true depth. '
        .'A board, a water '
        .'level or a line level on a string do it too, and all may be mixed.',
    'show.every_post_is_read' => 'Every post is read.',
    'show.posts_still_to_read' => 'Posts still to read: {count}.',
    'show.along_the_row' => 'along the row',
    'show.on_the_whole_it_falls' => 'On the whole it falls {over} in {roundly}, {on_one_line} toward the {falls_toward}.',
    'show.above_s_zero_is_the' => 'above {name}’s zero; ± is the 95 % of it, in mm',
    'show.below_the_highest' => 'below the highest',
    'show.to_the_grade' => 'to the grade',
    'show.fill' => 'fill',
    'show.other_heights' => 'Other heights',
    'show.points_between_and_parts_of' => 'points between, and parts of posts',
    'show.point' => 'Point',
    'show.height' => 'height',
    'show.as_chosen' => 'as chosen',
    'show.the_spirit_level_itself_shows' => 'The spirit level{name} itself shows {fine} too {is_negative} at its far end over 1 m: worked '
        .'out with the heights, and '
        .'taken out of them.',
    'show.the_line_of_sight_was' => 'The line of sight was tested by two pegs: it {ratio} {millimetres} in 10 m, taken out of every rod '
        .'whose distance is '
        .'written down.',
    'show.one_way_round_closes' => 'One way round closes',
    'show.ways_round_close' => '{count} ways round close',
    'show.not_all_as_they_should' => ', not all as they should',
    'show.within' => '{count} within {millimetres}{all_close}',
    'show.closures' => 'Closures',
    'show.back_to_the_start_or' => 'back to the start, or from one known height to another; 99.9 % of honest ones stay within what is allowed',
    'show.round_by' => 'Round by',
    'show.misses_by' => 'misses by',
    'show.allowed' => 'allowed',
    'show.closes' => 'Closes',
    'show.cut_and_fill_to_a' => 'Cut and fill to a finished grade',
    'show.grade_at' => 'Grade at {label}',
    'show.above_zero' => 'Above zero.',
    'show.falls_toward_the' => 'Falls toward the',
    'show.falls_by' => 'Falls by',
    'show.cut_fill_within_the_grid' => 'Cut {volume}, fill {volume_b} within the grid, before any swelling or settling. Each post speaks '
        .'for the ground '
        .'half-way to its neighbours.',
    'show.benchmark' => 'Benchmark',
    'show.what_it_is' => 'What it is',
    'show.a_sill_a_kerb_a' => 'A sill, a kerb, a nail in a tree.',
    'show.counts_as' => 'Counts as',
    'show.zero_is_simplest' => 'Zero is simplest.',
    'show.choose_it' => 'Choose it',
    'show.read_the_rod' => 'Read the rod',
    'show.rod_stands_at' => 'Rod stands at',
    'show.the_rod_reads' => 'The rod reads',
    'show.i_read_a_known_point' => 'I read a known point later',
    'show.a_turning_point_a_part' => 'A turning point, a part of the post, the distance',
    'show.on_the_posts' => 'On the post’s',
    'show.its_name_such_as_t1' => 'Its name, such as T1.',
    'show.from_the_level_to_the' => 'From the level to the rod',
    'show.empty_counted_as' => 'Empty: counted as {roundly}.',
    'show.why_these_heights' => 'Why these heights?',
    'show.the_beam_of_set_up' => 'The beam of set-up {set_up} stands {of_instrument} above zero: {name} counts as {height}, and the rods '
        .'it shares with '
        .'known points read the rest. A height is the beam less what the rod reads there: the height-of-instrument rule. All '
        .'readings of all instruments are adjusted together by least squares, each weighted by what it is good for; a laser’s '
        .'rod counts as good to {number} mm at 15 m.',
    'show.read_one_point_from_another' => 'Read one point from another',
    'show.with_a_spirit_level_on' => 'With a spirit level on a board, a water level, or a line level on a string.',
    'show.board_or_string_long' => 'Board or string long',
    'show.a_water_level_has_none' => 'A water level has none.',
    'show.first_point' => 'First point',
    'show.second_point' => 'Second point',
    'show.they_differ_by' => 'They differ by',
    'show.higher_is' => 'Higher is',
    'show.the_second' => 'the second',
    'show.the_first' => 'the first',
    'show.spirit_level_turned_end_for' => 'spirit level turned end for end',
    'show.which_spirit_level' => 'Which spirit level',
    'show.only_where_there_are_two' => 'Only where there are two.',
    'show.line_level_hung_from_the' => 'Line level hung, from the first point',
    'show.the_newest_first' => '{count}, the newest first',
    'show.at' => 'At',
    'show.from' => 'from',
    'show.off_mm' => 'off, mm',
    'show.off_is_the_reading_less' => '“Off” is the reading less what all others say. Choose a line to read it again; a wrong one is struck in the',
    'show.logbook' => 'logbook',
    'show.choose_another_benchmark' => 'Choose another benchmark',
    'grade.a_fall_is_counted_over' => 'A fall is counted over a length above zero.',
    'instrument_sums.a_board_has_a_length' => 'A board has a length above zero.',
    'level_sheet.to' => '{name} to {name_b}',
    'level_sheet.not_tied_in' => 'not tied in',
    'level_sheet.read_once' => 'read once',
    'level_sheet.set_up' => 'set-up {name}',
    'show.over' => 'over',
    'job_site.the_benchmark' => 'the benchmark: {name}',
];
