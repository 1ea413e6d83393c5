<?php

declare(strict_types=1);

/** What scripts say in the browser. */
return [
    'outbox.waiting' => '{count: One entry waits|# entries wait}: {typed}. Nothing is lost; {count: it is sent again by itself|they are sent '
        .'again by themselves}.',
    'outbox.waiting_many' => '{count} entries wait and are sent again by themselves. Nothing is lost.',
    'outbox.refused' => 'An entry that was kept was not taken: {why} You had typed: {typed}.',
    'outbox.take_up' => 'Take it up again',
    'outbox.done' => 'Done with it',
    'outbox.sent' => '{count: The entry that waited is|# entries that waited are} written down.',
    'outbox.anew' => 'Show the page anew',
    'outbox.next' => 'Next, as far as this phone knows: {what}',
    'outbox.no_page' => '(its page is not on this phone)',
    'outbox.move_waits' => 'Written down on this phone; it waits to be sent.',
    'outbox.all_done' => 'All that was asked for here is written down on this phone. What comes after it is known when there is a signal.',
    'keypad.clear' => 'clear',
    'keypad.feet' => 'feet ′',
    'keypad.delete_last' => 'delete the last',
    'keypad.clear_field' => 'clear the field',
    'picture.made_small' => 'Made small: {before} kB became {after} kB.',
    'zoom.smaller' => 'Make the drawing smaller',
    'zoom.larger' => 'Enlarge the drawing',
    'zoom.whole' => 'whole',
    'zoom.show_whole' => 'Show the whole drawing',
    'outbox.why_away' => 'no connection',
    'outbox.why_silent' => 'no answer yet',
    'outbox.why_fault' => 'the application has a fault',
    'outbox.why_signed_out' => 'sign in first',
    'outbox.full' => 'This browser’s store is full: the entry could not be kept and stays in its form. Send it when there is a connection.',
    'outbox.clock_ahead' => 'The clock here is {minutes} min ahead of the application’s. Both times are kept with each entry; set the one that is '
        .'wrong.',
    'outbox.clock_behind' => 'The clock here is {minutes} min behind the application’s. Both times are kept with each entry; set the one that is '
        .'wrong.',
    'outbox.sign_out_waits' => '{count: One entry waits|# entries wait} to be sent. Signing out keeps {count: it|them} on this phone for you; the '
        .'copies of pages go. Sign out?',
    'outbox.over_half_typed' => 'Something is typed here that was not sent. Leave it, and take up the other entry?',
    'phone.first' => 'Left edge on the {face} face, top up, the screen square to it. Hold still.',
    'phone.second' => 'Turn it over: right edge on the {face} face, top up. Then its own error falls out.',
    'phone.moving' => 'Hold it still.',
    'phone.askew' => 'The screen is not square to the face: turn it until it is.',
    'phone.no_sensor' => 'No sensor answers in this phone, or the browser was told to keep it back. Read it with a level.',
    'phone.toward' => 'top to the {side}',
    'phone.plumb' => 'plumb',
    'phone.taken' => 'By phone: {what}, good to {good} in {run}, so it may be {twice} off. See that it is right, then write it down.',
    'phone.face_first' => 'Choose the face first.',
    'phone.own_error' => 'The phone itself is {own} in {run} out; that fell out.',
    'clash.theirs' => '{who}, {at}:',
    'clash.mine' => 'You, {at}:',
    'clash.mine_counts' => 'Write mine down, it counts',
    'clash.theirs_counts' => 'Leave it at theirs',
    'clash.sure' => 'Take what you wrote off this phone? “{typed}”',
];
