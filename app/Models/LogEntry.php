<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One line of the logbook as it is stored. Never changed and never deleted; the database refuses both.
 *
 * @property int $sequence
 * @property int $job_id
 * @property string $client_id
 * @property string $kind
 * @property int $payload_version
 * @property string $payload
 * @property int $plan_revision
 * @property string $measured_at
 * @property string $recorded_at
 * @property string $read_by
 * @property string $by_file  who typed it, where it came in from a file; empty where it was typed here
 * @property ?int $replaces_id
 */
final class LogEntry extends Model
{
    public $timestamps = false;

    protected $table = 'entries';

    protected $primaryKey = 'sequence';

    protected $guarded = [];
}
