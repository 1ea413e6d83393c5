<?php

// The front door, so many days from now: a story need not wait until what was poured is hard.

declare(strict_types=1);

use Illuminate\Support\Carbon;

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

Carbon::setTestNow(Carbon::now()->addDays((int) getenv('DAYS_LATER')));

return require dirname(__DIR__, 2).'/bin/server.php';
