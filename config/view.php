<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => env('AEQUUS_DATA', storage_path('own')).'/views',
];
