<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\KnownSite;
use Aequus\Words\QuestionWords;
use Aequus\Words\Speech;
use App\Actions\NewEntry;
use App\Http\Requests\ReadsFields;
use App\Models\Job;
use App\Models\LogEntry;
use App\Site\ReadSite;
use App\Type\Say;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use LogicException;

/** A form that writes one entry into the logbook. Each kind says how its fields become a payload. */
abstract class EntryRequest extends FormRequest
{
    use ReadsFields;

    /** Where a sign-in keeps the name of who reads while another types. */
    public const READ_BY = 'helper';

    /** The page that opens once it is written down; empty for the one it was typed on. */
    public const OPENS = '';

    /** The key of what is said then, beside the entry itself; empty for nothing. */
    public const SAYS = '';

    /** The field at which a refusal of the whole entry stands. */
    protected const MAIN_FIELD = 'refused';

    /** The field at which a question stands, by the figure it is about; the main one for all others. */
    protected const FIELDS = [];

    private bool $asTyped = false;

    /** @return class-string<self> the form of a kind: named as the kind is */
    public static function of(EntryKind $kind): string
    {
        $form = __NAMESPACE__."\\{$kind->name}Form";

        return is_subclass_of($form, self::class) ? $form : throw new LogicException("No form takes {$kind->value}.");
    }

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->route('job')) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'client_id' => ['required', 'string', 'max:40'],
            'measured_at' => ['nullable', 'date', 'before:+10 minutes'],
            'read_by' => ['nullable', 'string', 'max:80'],
            'replaces' => ['nullable', 'integer'],
            'seen' => ['nullable', 'integer'],
            'own' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /**
     * Null only when a field was refused; the refusal is then kept for that field.
     *
     * @throws Refusal when the fields do not go together
     */
    abstract protected function payload(Plan $plan): ?Payload;

    /**
     * @return list<NewEntry> mostly one
     *
     * @throws ValidationException naming the field that was refused
     */
    public function newEntries(): array
    {
        return [$this->newEntry()];
    }

    /** @throws ValidationException naming the field that was refused */
    protected function newEntry(): NewEntry
    {
        $plan = $this->job()->revision->plan();
        $payload = $this->attempt(static::MAIN_FIELD, fn () => $this->payload($plan));
        if ($payload !== null) {
            $this->attempt(static::MAIN_FIELD, fn () => $payload->checkUnder($plan));
        }
        if ($payload !== null) {
            $this->ask($payload);
        }
        $this->stopIfRefused();
        if ($payload === null) {
            throw ValidationException::withMessages(['refused' => Say::text('answers.could_not_be_read')]);
        }

        return new NewEntry(
            $payload, $this->clientId(),
            $this->text('measured_at') === '' ? null : CarbonImmutable::parse($this->text('measured_at')),
            $this->text('read_by') !== '' ? $this->text('read_by') : (string) $this->session()->get(self::READ_BY, ''), $this->filled('replaces')
                ? $this->integer('replaces') : null, $this->asTyped,
        );
    }

    /** What can’t be is refused; what is doubtful is stored only once somebody says that it is right as typed. */
    private function ask(Payload $payload): void
    {
        if ($this->refusals !== [] || LogEntry::query()->where('job_id', $this->job()->id)->where('client_id', $this->clientId())->exists()) {
            return;
        }
        $site = app(ReadSite::class)->site($this->job())->state;
        $words = new QuestionWords($site->plan);
        $questions = $payload->questions(new KnownSite($site, $this->filled('replaces')));
        $isSure = $this->boolean('sure') || $this->saysRight();
        // Whoever says “right” must have seen all that is asked: none of a field’s questions hides another.
        $fields = [];
        foreach (array_filter($questions, fn (Question $question) => $question->isImpossible || ! $isSure) as $question) {
            $fields[static::FIELDS[$question->figure] ?? static::MAIN_FIELD][] = $question;
        }
        foreach ($fields as $field => $asked) {
            $this->refuse($field, $words->say(...$asked));
        }
        $this->asTyped = $questions !== [] && $isSure;
        if ($this->refusals !== [] && array_filter($questions, fn (Question $question) => $question->isImpossible) === []) {
            $this->session()->flash('asks_sure', $this->text('form'));
        }
    }

    /** Made with the form, so that the same send twice is one entry. */
    protected function clientId(): string
    {
        return $this->text('client_id');
    }

    /** Whether the words themselves say that a figure is right. */
    protected function saysRight(): bool
    {
        return false;
    }

    protected function postAt(Plan $plan, string $field = 'post'): ?PostId
    {
        return $this->attempt($field, fn () => $plan->grid->labelled($this->text($field))->id);
    }

    /** Null where the field is empty and the entry speaks of the whole job. */
    protected function postOrJob(Plan $plan): ?PostId
    {
        return $this->text('post') === '' ? null : $this->postAt($plan);
    }

    protected function measure(string $field, Plan $plan): ?Length
    {
        return $this->length($field, $plan->notation->unit);
    }

    protected function speech(): Speech
    {
        return new Speech($this->job()->revision->plan());
    }

    protected function job(): Job
    {
        $job = $this->route('job');
        assert($job instanceof Job);

        return $job;
    }
}
