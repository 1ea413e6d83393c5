<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\Payload;
use DateTimeImmutable;

/** A logbook out of payloads alone, one entry a minute, for what is worked out before anything is stored. */
final class ReadFrom
{
    /**
     * @param  list<Payload>  $payloads
     * @return list<Entry>
     */
    public static function payloads(array $payloads): array
    {
        $start = new DateTimeImmutable('2026-05-01 08:00:00 UTC');

        return array_map(function (Payload $payload, int $i) use ($start): Entry {
            $at = $start->modify("+{$i} minutes");

            return new Entry($i + 1, "demo-{$i}", $payload, 1, $at->format('Y-m-d H:i:s'), 'demo');
        }, $payloads, array_keys($payloads));
    }
}
