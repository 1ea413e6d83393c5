<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Plan\Plan;
use App\Actions\NewEntry;
use Illuminate\Validation\ValidationException;

/** Stakes that were moved together: one press, one entry for each. */
final class StakeMovedForm extends EntryRequest
{
    public const OPENS = 'square';

    public const SAYS = 'answers.stake_moved.said';

    private string $label = '';

    /**
     * @return list<NewEntry> one for each stake, each with an id of its own
     *
     * @throws ValidationException naming a stake that is not in the plan
     */
    public function newEntries(): array
    {
        $labels = preg_split('/\s+/', $this->text('posts'), flags: PREG_SPLIT_NO_EMPTY) ?: [''];

        return array_map(function (string $label): NewEntry {
            $this->label = $label;
            $new = $this->newEntry();

            return new NewEntry($new->payload, mb_substr("{$new->clientId}-{$label}", 0, 40), $new->measuredAt, $new->readBy);
        }, $labels);
    }

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->attempt('posts', fn () => $plan->grid->labelled($this->label)->id);

        return $post === null ? null : new StakeMoved($post);
    }
}
