<?php

declare(strict_types=1);

// The end of a day and the next morning: what must be safe by when, and what came since.
return [
    'stop.stop_now_make_it_safe' => 'Stop now: make it safe',
    'stop.in_this_order_from_what' => 'In this order, from what the book knows of every post. People first: lightning, or wind that moves '
        .'timber, and '
        .'everybody leaves.',
    'stop.what_may_still_be_filled' => 'What may still be filled',
    'stop.no_hole_waits_for_its' => 'no hole waits for its fill',
    'stop.of_what_is_due_something' => 'of what is due something is missing everywhere',
    'stop.nothing' => 'Nothing: {lack}.',
    'stop.ready_nothing_is_missing_only' => '{join} {count: is|are} ready: nothing is missing. Only what can be filled to the top and '
        .'covered before the weather '
        .'comes; a pour that stops half-way is worse than none.',
    'stop.takes_begin_by' => '{people: One person|# people} {people: needs|need} about {minutes: # minute|# minutes} for it: begin by {when}.',
    'stop.takes_too_long' => '{people: One person|# people} {people: needs|need} about {minutes: # minute|# minutes} for it: {over: # minute|# '
        .'minutes} more '
        .'than there is. Begin at once, in this order, and call for more hands.',
    'stop.takes_nothing_comes' => '{people: One person|# people} {people: needs|need} about {minutes: # minute|# minutes} for it. Nothing is '
        .'foretold before work begins again, {when}.',
    'stop.takes_unknown' => '{people: One person|# people} {people: needs|need} about {minutes: # minute|# minutes} for it. Nobody knows the '
        .'weather until work begins again.',
    'stop.about' => 'about {minutes} min',
    'stop.minutes' => '{minutes} min',
    'stop.hours' => '{hours} h {minutes} min',
    'stop.comes_dark' => 'Dark at {when}, in {in}.',
    'stop.comes_gusts' => 'Strong gusts from {when}, in {in}.',
    'stop.comes_rain' => 'Rain from {when}, in {in}.',
    'stop.comes_thunder' => 'Thunder from {when}, in {in}.',
    'stop.comes_frost' => 'Freezing from {when}, in {in}: what is fresh is under its blankets by then.',
    'stop.comes_hours_end' => 'The hours of the day end at {when}, in {in}.',
    'stop.is_dark' => 'It is dark.',
    'stop.is_gusts' => 'It is blowing already.',
    'stop.is_rain' => 'It is raining already.',
    'stop.is_thunder' => 'There is thunder now: everybody off the site and under a roof, the work stays as it is.',
    'stop.is_frost' => 'It is freezing already.',
    'stop.is_hours_end' => 'The hours of the day are over.',
    'stop.no_dusk' => 'Dusk is not reckoned: nobody typed where the site lies. Look at the sky.',
    'stop.not_known' => 'The weather until work begins again is not known.',
    'stop.nothing_more' => 'Nothing more today.',
    'stop.look_yourself' => 'That is by a forecast nobody vouches for: look at your own before a bag is opened.',
    'stop.too_late' => '{posts}: nothing is missing, but there is no time to fill to the top and cover before all must be safe.',
    'stop.held' => '{posts}: nothing is missing, but the weather holds it. {holds}',
    'stop.held_cold_at_the_pour' => 'It gets too cold while it is poured.',
    'stop.held_frost_after_the_pour' => 'It may freeze within a day.',
    'stop.held_rain_in_open_tubes' => 'It rains.',
    'stop.held_gusts' => 'It blows.',
    'stop.held_thunder' => 'There is thunder.',
    'stop.held_weather_not_known' => 'Nobody knows the weather of the day after.',
    'stop.to_start' => 'In the morning: start again',
    'start.title' => 'Start again: what came since',
    'start.nothing_left' => 'Nothing was left fresh, open or held by braces.',
    'start.all_as_left' => 'By the weather that came, nothing is to be looked at first.',
    'start.made_up' => 'The weather since is made up here, so it proves nothing. Look at every fill, hole and brace as if the worst had come, and '
        .'write down what it was.',
    'start.look_first' => 'Before work goes on, look at this, in this order.',
    'start.unknown' => '{posts}: the weather since is not known. Look at each as if the worst had come.',
    'start.untold' => 'Nobody wrote down the weather of {days}: what the station has stands here for it.',
    'start.days_between' => '{count} days from {first} to {last}',
    'start.write_weather' => 'Write down what it was',
    'start.not_known' => 'not known',
    'start.stands_still' => 'it stands still',
    'start.share' => '{percent} %',
    'start.poured' => 'What is poured, and has its braces on',
    'start.filled' => 'filled',
    'start.coldest' => 'coldest that came on its first day',
    'start.ripe' => 'ripe',
    'start.off' => 'braces off from',
    'start.why' => 'Ripe is the warmth that came, degrees above the datum times hours, of what its hours at 20 °C bring (Nurse and Saul, as in ASTM '
        .'C1074). '
        .'Braces come off by the later of that and the clock of the post.',
    'start.to_days' => 'What is due today',
    'stop.b_b_lacks' => '<b>{label}</b> lacks: {part}.',
];
