<?php

declare(strict_types=1);

/** What scripts say in the browser. */
return [
    'outbox.waiting' => '{count: One entry waits|# entries wait} for the connection: {typed}. Nothing is lost; {count: it is sent again by '
        .'itself|they are sent again by themselves}.',
    'outbox.refused' => 'An entry kept while there was no connection was not taken: {why} You had typed: {typed}.',
    'outbox.take_up' => 'Take it up again',
    'outbox.done' => 'Done with it',
    'outbox.sent' => '{count: The entry that waited is|# entries that waited are} written down.',
    'outbox.anew' => 'Show the page anew',
    'keypad.clear' => 'clear',
    'keypad.feet' => 'feet ′',
    'keypad.delete_last' => 'delete the last',
    'keypad.clear_field' => 'clear the field',
    'picture.made_small' => 'Made small: {before} kB became {after} kB.',
    'zoom.smaller' => 'Make the drawing smaller',
    'zoom.larger' => 'Enlarge the drawing',
    'zoom.whole' => 'whole',
    'zoom.show_whole' => 'Show the whole drawing',
];
