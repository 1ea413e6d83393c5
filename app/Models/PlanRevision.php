<?php

declare(strict_types=1);

namespace App\Models;

use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use App\Type\Say;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A plan as it was decided at one time, with the reason. Never changed; a change is the next revision.
 *
 * @property int $job_id
 * @property int $number
 * @property string $reason
 * @property Carbon $created_at
 * @property string $by_file  who decided it, where it came in from a file; empty where that was here
 * @property User $user
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['job_id', 'number', 'plan', 'reason', 'user_id'];

    private ?Plan $decoded = null;

    public function plan(): Plan
    {
        return $this->decoded ??= PlanCodec::decode(json_decode((string) $this->getRawOriginal('plan'), true, flags: JSON_THROW_ON_ERROR));
    }

    /** Who decided it, as it is said. */
    public function by(): string
    {
        return $this->by_file === '' ? $this->user->name : Say::text('files.by_file', name: $this->by_file);
    }

    /** The same for the same plan, and for no other. */
    public function fingerprint(): string
    {
        return hash('xxh128', (string) $this->getRawOriginal('plan'));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plan' => 'array'];
    }
}
