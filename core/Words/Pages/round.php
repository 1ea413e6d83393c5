<?php

declare(strict_types=1);

/** What the round pages say. */
return [
    'show.of_written_down' => '{read} of {count} written down',
    'show.in_walking_order_each_is' => 'In walking order. Each is written down as its field is left; a figure changed later corrects the one before.',
    'show.back_to' => 'Back to {what}',
    'show.show_this_one' => 'Show this one',
    'show.take_this_one' => 'Take this one',
    'show.parts_of_this_round' => 'Parts of this round',
    'show.figure' => '{form}-figure',
    'show.by_the_plan' => 'By the plan {write}',
    'show.side' => '{form}-side',
    'show.for' => 'for {label}',
    'show.go_on_with' => 'Go on with {part}',
];
