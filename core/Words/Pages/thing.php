<?php

declare(strict_types=1);

namespace Aequus\Words\Pages;

/** What the pages say on which a job is begun with the thing that shall stand. */
return [
    'choose.what_shall_stand' => 'What shall stand?',
    'choose.in' => 'Lengths are written as {length}, with goods to match.',
    'choose.begin_in' => 'Begin with {length}',
    'choose.something_else' => 'Something else, or every field at once',
    'choose.something_else_why' => 'A plan of posts, row by row, with all its figures.',
    'ask.what_it_comes_to' => 'What it comes to',
    'ask.make_this_plan' => 'Make this plan',
    'ask.more_with_usual' => 'More, with the usual figures',
    'ask.why_this_kind' => 'Why it is asked',
    'ask.place_or_owner' => 'Place or owner',
    'ask.another_thing' => 'Another thing',
    'preview.not_yet' => 'Not yet a plan:',
    'profile.from_the_side' => 'From the side, to scale: {told}.',
    'face.not_measured' => 'Its face is not measured yet where it stands. The rule lets it stand {least} to {most} off {line}.',
    'face.within' => 'Its face stands {setback} off {line}, within {least} to {most}.',
    'face.too_near' => 'Its face stands {setback} off {line}: {by} nearer than the rule’s {least}.',
    'face.too_far' => 'Its face stands {setback} off {line}: {by} further than the rule’s {most}.',
    'top.not_measured' => 'Its height is not measured yet as it stands. The rule wants {least} to {most} over {line}.',
    'top.within' => 'It comes to {height} over {line}, within {least} to {most}.',
    'top.too_low' => 'It comes to {height} over {line}: {by} lower than the rule’s {least}.',
    'top.too_high' => 'It comes to {height} over {line}: {by} higher than the rule’s {most}.',
    'panel.caption' => 'Panels between the posts as they stand',
    'panel.bay' => 'Bay',
    'panel.panel' => 'Panel',
    'panel.fits' => 'goes in, {gap} on either side',
    'panel.trim' => 'is too wide by {trim}: trim it to {left}, or move a post that still moves',
    'panel.no_room' => 'no room at all: read the leans and the tape again',
    'panel.unknown' => 'can’t be told yet: tape {left} to {right} at the ground, and read both for plumb',
    'show.what_it_comes_to' => 'What it comes to',
    'show.in_this_order' => 'In this order',
    'show.from_above' => 'From above',
    'show.change_an_answer' => 'Change an answer',
    'show.answer_anew' => 'Put the new answers in force',
    'show.changed_by_hand' => 'The plan was changed field by field since. Answering anew puts the answers in its place.',
    'show.every_field' => 'Every field of the plan',
];
