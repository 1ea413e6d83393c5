<?php

declare(strict_types=1);

namespace App\Models;

use App\Type\Say;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Str;

/**
 * One thing that is built on posts: its plan revisions and its logbook.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $place
 * @property string $zone
 * @property Shelf $shelf
 * @property string $uid  its own, the same on every machine
 * @property string $came_in  when it came in from a file, and by whom; empty where it was begun here
 * @property string $copy_of  whose copy with its log it is, and when it was made; empty for none
 * @property PlanRevision $revision
 */
final class Job extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['user_id', 'name', 'place', 'zone', 'shelf', 'copy_of', 'uid', 'came_in'];

    protected $attributes = ['shelf' => 'at_hand', 'copy_of' => '', 'came_in' => ''];

    protected static function booted(): void
    {
        self::creating(function (Job $job): void {
            $job->uid = $job->getAttribute('uid') ?: (string) Str::uuid();
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shelf' => Shelf::class];
    }

    /** @return Builder<self> those of one person */
    public static function of(User $user): Builder
    {
        return self::query()->where('user_id', $user->id);
    }

    /** What every page and sheet of a copy says; empty for a job that is none. */
    public function copyLine(): string
    {
        return $this->copy_of === '' ? '' : Say::text('answers.job.copy_of_no_evidence_for', copy_of: $this->copy_of);
    }

    /** What every page says of a job that came in from a file; empty for one that was begun here. */
    public function cameInLine(): string
    {
        return $this->came_in === '' ? '' : Say::text('files.came_in', came_in: $this->came_in);
    }

    /** @return HasMany<PlanRevision, $this> */
    public function revisions(): HasMany
    {
        $revisions = $this->hasMany(PlanRevision::class);
        $revisions->orderBy('number');

        return $revisions;
    }

    /** @return HasOne<PlanRevision, $this> the revision in force */
    public function revision(): HasOne
    {
        return $this->hasOne(PlanRevision::class)->latestOfMany('number');
    }

    /** @return HasMany<LogEntry, $this> */
    public function entries(): HasMany
    {
        $entries = $this->hasMany(LogEntry::class);
        $entries->orderBy('sequence');

        return $entries;
    }
}
