<?php

declare(strict_types=1);

/** What the page of the bill says. */
return [
    'nothing_yet' => 'Nothing to buy is known yet: read the ground and decide the depths first.',
    'no_price_yet' => 'What to buy: nothing has a price yet',
    'sum' => '{sum} for what has a price',
    'without_a_price' => 'Without a price, and so not in it: {names;}.',
    'ground_is_open' => 'Where no depth is known yet, hole and post are left out.',
    'what_it_counts' => 'Posts, holes and layout, as planned and as dug.',
    'without_the_frame' => 'What stands on the posts is not in it: keep its frame first.',
    'without_other_frames' => 'The frame is that of the first grid.',
    'bags_alone' => 'Holes mixed one by one take {alone} bags, not {together}: hole by hole they stand on the page',
    'strings_of_the_grid' => 'Boards and string are those of the first grid: a part needs its own.',
    'goods' => 'What to buy',
    'no_currency' => 'prices in your own money, each of a pack',
    'for' => 'For',
    'needed' => 'Needed',
    'waste' => 'Waste, %',
    'on_site' => 'On site',
    'pack' => 'In a pack',
    'price' => 'A pack costs',
    'buy' => 'To buy',
    'costs' => 'Costs',
    'of_waste' => 'Waste of {name}, in a hundred',
    'of_site' => '{name}: on site',
    'of_pack' => '{name}: how much is in a pack',
    'of_price' => '{name}: what a pack costs',
    'as_csv' => 'The same as a file for a spreadsheet',
    'keep' => 'Keep this and work it out',
    'kept' => 'It is kept.',
    'prices' => 'Prices',
    'first_grid' => 'the grid',
    'a_pack_holds_something' => 'A pack holds more than nothing.',
    'waste_in_a_hundred' => 'Waste is so much in a hundred, at most 100.',
    'no_amount' => '“{typed}” is no amount. Type a number, such as 12.50.',
    'why' => 'To buy = (needed · (1 + waste) − on site) / pack, rounded up to whole packs once for the whole job, and never less than none. Parts that need the same goods '
        .'share a line. Each line is rounded to the smallest coin once. A post is bought in the next length that timber is sold in. A profile takes a board and two stakes; its strings run a setback past both ends.',
];
