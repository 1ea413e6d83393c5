<?php

declare(strict_types=1);

use App\Keeping\DataFolder;

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => DataFolder::inForceIn(env('AEQUUS_DATA', storage_path('own'))).'/cache',
            'lock_path' => DataFolder::inForceIn(env('AEQUUS_DATA', storage_path('own'))).'/cache',
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'aequus',
];
