<?php

declare(strict_types=1);

/** What is said where phones come in over the network. */
return [
    'no_network' => 'No name and no private address was found by which a phone could ask for this machine.',
    'for_phones' => 'for phones    {address}',
    'first_time' => 'first of all  {address} tells each phone how to trust this machine; once is enough',
    'new_phone' => 'a new phone   {address} tells it how to trust this machine',
    'its_mark' => 'its mark is   {mark}',
    'trust.title' => 'Let this phone trust the machine',
    'trust.why' => 'Your sign-in and your readings travel through the air. With this, nobody in between can read or change them, '
        .'and the phone keeps the pages of your job for the places that have no signal.',
    'trust.without' => 'Without it the phone warns you at every visit and keeps no page: where there is no signal there is nothing.',
    'trust.fetch' => 'Fetch the certificate',
    'trust.fetch_how' => 'The phone asks whether to keep the file. Keep it.',
    'trust.fetch_it' => 'Fetch it',
    'trust.install' => 'Tell the phone to trust it',
    'trust.install_how' => 'Open the settings and look for “certificate”. Install the file as one of an authority (CA). '
        .'Some phones ask twice: once to install it, and once more, under the trust settings of certificates, to switch it on.',
    'trust.compare' => 'Compare its mark',
    'trust.compare_how' => 'The terminal on the machine shows this mark (SHA-256). The phone shows it among the details of the certificate. Both '
        .'are the same, '
        .'or somebody is in between: then take it off the phone again.',
    'trust.open' => 'Open Aequus',
    'trust.open_how' => 'From now on by this address; mind the s in https. The browser’s menu puts it on the home screen.',
    'trust.bound' => 'What you trust is small: this certificate was made on that machine, its key never leaves it, and it can vouch only for '
        .'addresses inside a private network and names that end in .local, never for a place on the internet.',
    'trust.off' => 'Take it off the phone when you no longer use Aequus: in the same place in the settings.',
];
