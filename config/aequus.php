<?php

declare(strict_types=1);

return [
    // own: a person's real jobs. demo: invented jobs and a one-press entry.
    'mode' => env('AEQUUS_MODE', 'own'),

    // From which the invented sites of the demo are made.
    'demo_seed' => (int) env('AEQUUS_DEMO_SEED', 417),

    // Which core worked something out: what a core kept is worth nothing to the next. The launcher sets it from the core's own files.
    'core' => env('AEQUUS_CORE', 'unknown'),

    // Everything this installation writes: database, sessions, cache, pictures.
    'data' => env('AEQUUS_DATA', storage_path('own')),
];
