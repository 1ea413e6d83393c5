<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Refusal;
use Aequus\Measure\Unit;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Posts\PostId;
use Aequus\Words\Speech;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** Reads typed fields through the core’s own readers, and keeps each refusal at the field it belongs to. */
trait ReadsFields
{
    /** @var array<string, string> refusals so far, by field */
    protected array $refusals = [];

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return ?T null when it was refused
     */
    protected function attempt(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (Refusal $refusal) {
            $this->refuse($field, $refusal);

            return null;
        }
    }

    protected function refuse(string $field, string|Refusal $why): void
    {
        $this->refusals[$field] ??= $why instanceof Refusal ? (string) $this->speech()->say($why->fact) : $why;
    }

    /** In whose words and units a refusal is said. */
    abstract protected function speech(): Speech;

    protected function length(string $field, Unit $unit): ?Length
    {
        return $this->attempt($field, fn () => LengthReader::read($this->text($field), $unit));
    }

    /** Null when the field is left empty, which is allowed. */
    protected function lengthOrNone(string $field, Unit $unit): ?Length
    {
        return $this->text($field) === '' ? null : $this->length($field, $unit);
    }

    /**
     * Labels such as “C2 C3, D1”.
     *
     * @return list<PostId> none where it is empty or was refused
     */
    protected function posts(string $field, Grid $grid): array
    {
        $labels = preg_split('/[\s,;]+/', $this->text($field), flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return $this->attempt($field, fn () => array_map(fn (string $label): PostId => $grid->labelled($label)->id, $labels)) ?? [];
    }

    /** A number with a point or a comma; null where it is empty, or was refused. */
    protected function decimal(string $field, string $refusal): ?float
    {
        $typed = str_replace([',', '−'], ['.', '-'], $this->text($field));
        if ($typed !== '' && ! is_numeric($typed)) {
            $this->refuse($field, $refusal);
        }

        return is_numeric($typed) ? (float) $typed : null;
    }

    /** A day as YYYY-MM-DD; empty where it is none, which is refused. */
    protected function day(string $field): string
    {
        $day = date_create_immutable_from_format('!Y-m-d', $this->text($field));
        if ($day === false || $day->format('Y-m-d') !== $this->text($field)) {
            $this->refuse($field, Say::text('refusals.notice.enter_the_day_as_year'));

            return '';
        }

        return $this->text($field);
    }

    protected function text(string $field): string
    {
        $value = $this->input($field, '');

        return is_scalar($value) ? trim((string) $value) : '';
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return ?E null when refused
     */
    protected function choice(string $field, string $enum): ?object
    {
        $choice = $enum::tryFrom($this->text($field));
        if ($choice === null) {
            $this->refuse($field, Say::text('refusals.reads_fields.choose_one_of_the_list'));
        }

        return $choice;
    }

    /** @throws ValidationException with every refusal at its field */
    protected function stopIfRefused(): void
    {
        if ($this->refusals !== []) {
            throw ValidationException::withMessages($this->refusals);
        }
    }

    /** What was refused, for where nothing came of it. */
    protected function refused(): ValidationException
    {
        return ValidationException::withMessages($this->refusals);
    }

    /** Degrees, with their sign or without; zero where they were refused. */
    protected function degrees(string $field): float
    {
        $typed = rtrim(str_replace(',', '.', $this->text($field)), '° ');
        if (! is_numeric($typed)) {
            $this->refuse($field, Say::text('refusals.plumb.is_no_angle_enter_degrees', typed: $this->text($field)));
        }

        return (float) $typed;
    }
}
