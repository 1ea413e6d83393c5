<?php

declare(strict_types=1);

// Instruments and offices that are made up, for practice.
return [
    'title' => 'Practice',
    'why' => 'Made-up instruments and offices answer in place of yours: a tape, a laser with its rod, a level on a post, a total station, a marking '
        .'desk, an inspector. They read a site that nobody '
        .'has. What they write down counts like any other entry, so every page and sheet says how many there are, and nothing is handed over while '
            .'there is one.',
    'is_demo' => 'In the demo it is always on.',
    'switch_on' => 'Switch practice on for this job',
    'switch_off' => 'Switch practice off',
    'is_on' => 'Practice is on: the next move offers a made-up reading.',
    'is_off' => 'Practice is off.',
    'in_a_name' => 'practice',
    'made_up' => 'Practice: {count: # entry of this job is|# entries of this job are} made up. Nothing here is proved, and nothing is built by it.',
    'none' => 'No entry of this job is made up.',
    'take_out' => 'Take out everything that was made up',
    'take_out_why' => 'Each is struck, and stays in the logbook with its mark. What you wrote down yourself stays as it is.',
    'taken_out' => '{count: # made-up entry was|# made-up entries were} taken out.',
    'reason' => 'made up for practice',
    'instrument' => 'made-up instrument',
    'read_made_up' => 'Let the made-up instrument read it',
    'read_true' => 'Let the instrument read it',
    'station_made_up' => 'Let the made-up total station read them',
    'station' => 'Let the total station read them',
    'cannot' => 'No instrument reads what is asked for now.',
    'offices' => 'Offices',
    'offices_why' => 'They answer by themselves, some late, and some find something.',
    'desk' => 'Ask the marking desk',
    'before_the_fill' => 'Inspector, before the fill',
    'after_the_fill' => 'Inspector, after the fill',
    'made_up_desk' => 'marking desk (made up)',
    'made_up_inspector' => 'inspector (made up)',
    'desk_asked' => 'The desk has number {number}. Marks take {days} working days: ask again then.',
    'desk_not_yet' => 'No marks yet: ask again on {day}.',
    'desk_late' => 'No marks yet, and they are late: ask again on {day}.',
    'desk_nothing' => 'Marks are there, number {number}: nothing was found.',
    'desk_found' => 'Marks are there: a line is written down, with its band.',
    'desk_line' => 'found by the desk',
    'inspector_comes' => 'The inspector comes on {day}, by {time}.',
    'inspector_passed' => 'It has passed.',
    'inspector_failed' => 'It has not passed: {found}.',
    'fault_water' => 'water in a hole',
    'fault_loose' => 'loose earth at a foot',
    'fault_shallow' => 'a hole that is not deep enough',
    'fault_bars' => 'bars too near the earth',
];
