<?php

declare(strict_types=1);

return [
    // own: a person's real jobs. demo: invented jobs and a one-press entry.
    'mode' => env('AEQUUS_MODE', 'own'),

    // From which the invented sites of the demo are made.
    'demo_seed' => (int) env('AEQUUS_DEMO_SEED', 417),

    // Everything this installation writes: database, sessions, cache, pictures.
    'data' => env('AEQUUS_DATA', storage_path('own')),

    // By which names this machine may be called; the launcher adds its addresses where phones come in.
    'hosts' => [...['127.0.0.1', 'localhost', '[::1]'], ...array_filter(explode(' ', (string) env('AEQUUS_HOSTS', '')))],

    // What phones trust: made at the first start for a network, and kept for all data of this installation.
    'authority' => env('AEQUUS_AUTHORITY', storage_path('authority')),

    // Who may say for whom it asks: nginx before the application, where phones come in.
    'proxies' => array_filter(explode(' ', (string) env('AEQUUS_PROXIES', ''))),

    // How much one job holds: more, and a page would cost more than two seconds.
    'most' => ['entries' => 20_000, 'pictures' => 1_000],

    // Where others can reach the first start, only who reads the terminal becomes the owner.
    'owner_code' => env('AEQUUS_OWNER_CODE', ''),

    // A database named from outside, as tests and measurements do, is never swapped for another.
    'database_is_named' => env('DB_DATABASE') !== null,

    // Where backups made by themselves go; a folder on another disk is better. Empty: a folder beside the data.
    'backups' => env('AEQUUS_BACKUPS', ''),
];
