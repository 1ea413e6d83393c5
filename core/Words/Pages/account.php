<?php

declare(strict_types=1);

/** What the account pages say. */
return [
    'owner.whose_tool_is_this' => 'Whose tool is this?',
    'owner.this_is_the_first_start' => 'This is the first start. Name the owner once; your name stands beside everything you write into a '
        .'logbook. All of it '
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
    'show.your_account' => 'Your account',
    'show.account' => 'Account',
    'password.change' => 'Change the password',
    'password.change_it' => 'Change it',
    'password.present' => 'Present password',
    'password.new' => 'New password',
    'password.new_of' => 'New password of {name}',
    'password.is_another' => 'The present password is another.',
    'password.is_tried_first' => 'This password is among those that are tried first. Choose one that nobody else would, such as four words that have '
        .'nothing to do with each other.',
    'password.too_few_different' => 'Too few different characters. Choose one that cannot be tried through.',
    'password.is_changed' => 'The password is changed. Whoever was signed in elsewhere signs in again.',
    'password.forgotten' => 'Forgotten? Who runs Aequus can set a new one on its machine: ./aequus password',
    'password.whose' => 'Say whose: ./aequus password EMAIL, with the address as it is used to sign in.',
    'sign_ins.where' => 'Where you are signed in',
    'sign_ins.one' => '{from}: since {since}, last seen {seen}{here}',
    'sign_ins.here' => '; this one',
    'sign_ins.end_others' => 'Sign out everywhere else',
    'sign_ins.ended' => 'Signed out elsewhere: {count}.',
    'owner.code' => 'Code',
    'owner.code_hint' => 'Six figures: the code that stands in the terminal where Aequus was started.',
    'owner.code_is_another' => 'That is not the code. It stands in the terminal where Aequus was started.',
];
