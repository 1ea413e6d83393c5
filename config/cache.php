<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('AEQUUS_DATA', storage_path('own')).'/cache',
            'lock_path' => env('AEQUUS_DATA', storage_path('own')).'/cache',
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'aequus',
];
