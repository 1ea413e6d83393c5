<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Refusal;
use Aequus\Plan\Terms\SideNames;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedSort;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Terms\ThingRefused;
use Aequus\Words\Speech;
use Aequus\Words\Thing\ThingWords;
use App\Http\Requests\ReadsFields;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** The questions of one kind of thing: every answer is understood, or refused where it was typed. */
final class ThingRequest extends FormRequest
{
    use AsksAboutPlan;
    use NamesJob;
    use ReadsBays;
    use ReadsFields;

    private ?Notation $notation = null;

    public function authorize(): bool
    {
        $job = $this->route('job');

        return $this->user() !== null && (! $job instanceof Job || $this->user()->can('work', $job));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** In which a new job is written; millimetres where nobody says. */
    public function notation(): Notation
    {
        return Notation::named($this->text('notation')) ?? Notation::millimetres(0);
    }

    /**
     * @param  ?SideNames  $sides  as a job calls them; null for a new one
     *
     * @throws ValidationException with each refusal at its field
     */
    public function heard(Thing $thing, Notation $notation, ?SideNames $sides = null): Heard
    {
        $this->notation = $notation;
        $said = [];
        foreach ($thing->asks() as $asked) {
            // A page kept from before it was asked does not send it: then it is as usual.
            $said[$asked->ask->value] = $asked->isFolded && ! $this->has($asked->ask->value)
                ? $asked->usual($notation->unit) : $this->answer($asked, $notation);
        }
        $this->stopIfRefused();

        return Heard::usual($notation, $sides ?? ThingWords::sides($thing->kind()), $thing->asks(), $said);
    }

    /** @throws ValidationException at the question it belongs to, else over all */
    public function made(Thing $thing, Heard $heard): Made
    {
        try {
            return $thing->make($heard);
        } catch (Refusal $refusal) {
            $this->refuse($refusal instanceof ThingRefused && $refusal->at !== null ? $refusal->at : 'thing', $refusal);
            throw $this->refused();
        }
    }

    /** The questions of a kind have no fields of a plan: what is odd in what they come to is said over all. */
    protected function fieldOf(Question $question): string
    {
        return 'thing';
    }

    protected function speech(): Speech
    {
        return new Speech(null, $this->notation);
    }

    /** @return Length|int|Pick|non-empty-list<non-empty-list<Length>>|null null where it was left open, or refused */
    private function answer(Asked $asked, Notation $notation): Length|int|Pick|array|null
    {
        $field = $asked->ask->value;

        return match ($asked->sort) {
            AskedSort::Length => $this->length($field, $notation->unit),
            AskedSort::MaybeLength => $this->lengthOrNone($field, $notation->unit),
            AskedSort::Count => $this->whole($field),
            AskedSort::Pick => $this->choice($field, Pick::class),
            AskedSort::Reaches => $this->tuples($field, $notation->unit, 2),
            AskedSort::Profile => $this->text($field) === '' ? null : $this->tuples($field, $notation->unit, 2),
            AskedSort::Marks => $this->text($field) === '' ? null : $this->tuples($field, $notation->unit, 1),
            AskedSort::Faces => $this->text($field) === '' ? null : $this->tuples($field, $notation->unit, 3),
        };
    }

    private function whole(string $field): ?int
    {
        if (preg_match('/^\d{1,4}$/', $this->text($field)) !== 1) {
            $this->refuse($field, Say::text('refusals.thing.a_whole_number'));

            return null;
        }

        return (int) $this->text($field);
    }
}
