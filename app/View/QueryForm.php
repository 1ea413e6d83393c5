<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Notation;
use Aequus\Measure\Refusal;
use Aequus\Measure\Unit;
use Aequus\Words\Speech;
use App\Type\Say;
use Illuminate\Http\Request;

/** Fields of small sums that stand in the address: read, refused at their field, and kept as typed. */
final class QueryForm
{
    /** @var array<string, string> by field */
    public array $refusals = [];

    public function __construct(private readonly Request $request, private readonly Unit $unit)
    {
    }

    public function typed(string $field): string
    {
        return trim($this->request->string($field)->value());
    }

    public function ticked(string $field): bool
    {
        return $this->request->boolean($field);
    }

    /**
     * @param  list<string>  $fields
     * @return ?list<Length> null unless all are typed and understood
     */
    public function lengths(array $fields): ?array
    {
        if (array_filter($fields, fn (string $field) => $this->typed($field) !== '') === []) {
            return null;
        }
        $lengths = [];
        foreach ($fields as $field) {
            $length = $this->attempt($field, fn () => LengthReader::read($this->typed($field), $this->unit));
            $lengths = $length === null || $lengths === null ? null : [...$lengths, $length];
        }

        return $lengths;
    }

    /** Null where it is empty, or was refused. */
    public function number(string $field, float $least, float $most): ?float
    {
        $typed = str_replace(',', '.', $this->typed($field));
        if ($typed === '') {
            return null;
        }
        if (! is_numeric($typed) || (float) $typed < $least || (float) $typed > $most) {
            $this->refusals[$field] = Say::text('components.query.this_lies_between_and', least: $least, most: $most);

            return null;
        }

        return (float) $typed;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return ?T null when it was refused
     */
    public function attempt(string $field, callable $work): mixed
    {
        try {
            return $work();
        } catch (Refusal $refusal) {
            $this->refusals[$field] = (string) (new Speech(null, Notation::of($this->unit)))->say($refusal->fact);

            return null;
        }
    }

    /** What was typed is refused at its field, in words. */
    public function refuse(string $field, string $why): void
    {
        $this->refusals[$field] = $why;
    }

    /** @return array{name: string, label: string, hint: string, typed: string, refusal: string} as the field component takes it */
    public function field(string $name, string $label, string $hint = ''): array
    {
        return ['name' => $name, 'label' => $label, 'hint' => $hint, 'typed' => $this->typed($name), 'refusal' => $this->refusals[$name] ?? ''];
    }
}
