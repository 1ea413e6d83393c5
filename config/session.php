<?php

declare(strict_types=1);

use App\Keeping\DataFolder;

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 14,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => DataFolder::inForceIn(env('AEQUUS_DATA', storage_path('own'))).'/sessions',
    'lottery' => [2, 100],
    'cookie' => 'aequus_session',
    'path' => '/',
    'domain' => null,
    'secure' => null,
    'http_only' => true,
    'same_site' => 'lax',
];
