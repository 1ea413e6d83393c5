<?php

declare(strict_types=1);

/** What the account pages say. */
return [
    'owner.whose_tool_is_this' => 'Whose tool is this?',
    'owner.this_is_the_first_start' => 'This is the first start. Name the owner once; your name stands beside everything you write into a logbook. All of it '
        .'stays on this machine.',
    'owner.your_name' => 'Your name',
    'owner.only_used_to_sign_in' => 'Only used to sign in here; nothing is ever sent.',
    'owner.ten_characters_or_more' => 'Ten characters or more.',
    'owner.begin' => 'Begin',
    'sign_in.sign_in' => 'Sign in',
    'sign_in.demo' => 'Demo',
    'sign_in.three_jobs_at_tarn_hollow' => 'Three jobs at Tarn Hollow Orchard',
    'sign_in.everything_in_them_is_invented' => 'Everything in them is invented. What you change stays on this machine.',
    'sign_in.enter_the_demo' => 'Enter the demo',
];
