<?php

declare(strict_types=1);

use App\Keeping\DataFolder;

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', DataFolder::databaseIn(DataFolder::inForceIn(env('AEQUUS_DATA', storage_path('own'))))),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Somebody who waits longer is told, and the page sends it again.
            'busy_timeout' => 900,
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
