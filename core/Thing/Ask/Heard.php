<?php

declare(strict_types=1);

namespace Aequus\Thing\Ask;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Answers;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\SideNames;
use Aequus\Thing\Place\Reach;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;
use LogicException;

/** The answers to all questions of one thing, as they were understood. */
final readonly class Heard
{
    /** @param  array<string, Length|int|Pick|non-empty-list<non-empty-list<Length>>|null>  $of  by what was asked */
    public function __construct(public Notation $notation, public SideNames $sides, private array $of)
    {
    }

    /** @return Length|int|Pick|non-empty-list<non-empty-list<Length>>|null as it was answered */
    public function of(Ask $ask): Length|int|Pick|array|null
    {
        return $this->of[$ask->value] ?? null;
    }

    public function length(Ask $ask): Length
    {
        $answer = $this->of[$ask->value] ?? null;

        return $answer instanceof Length ? $answer : throw new LogicException("{$ask->name} is no length.");
    }

    /** @throws ThingRefused when it is not above zero */
    public function positive(Ask $ask): Length
    {
        $length = $this->length($ask);

        return $length->isPositive() ? $length : throw ThingRefused::notAboveZero($ask);
    }

    /** Null where it was left open. */
    public function maybe(Ask $ask): ?Length
    {
        $answer = $this->of[$ask->value] ?? null;

        return $answer instanceof Length ? $answer : null;
    }

    /** @throws ThingRefused when there are none, or more than so many */
    public function count(Ask $ask, int $most = 50): int
    {
        $answer = $this->of[$ask->value] ?? null;
        if (! is_int($answer)) {
            throw new LogicException("{$ask->name} is no count.");
        }

        return match (true) {
            $answer < 1 => throw ThingRefused::notAboveZero($ask),
            $answer > $most => throw ThingRefused::tooMany($ask, $most),
            default => $answer,
        };
    }

    public function pick(Ask $ask): Pick
    {
        $answer = $this->of[$ask->value] ?? null;

        return $answer instanceof Pick ? $answer : throw new LogicException("{$ask->name} is no choice.");
    }

    /** @throws ThingRefused when the heights do not rise */
    public function reach(Ask $ask): Reach
    {
        return new Reach($this->pairs($ask));
    }

    /** @return non-empty-list<array{Length, Length}> */
    public function pairs(Ask $ask): array
    {
        return array_map(
            fn (array $row) => [$row[0], $row[1] ?? throw new LogicException("{$ask->name} lacks a figure.")],
            $this->table($ask) ?? throw new LogicException("{$ask->name} is no table."),
        );
    }

    /** @return ?non-empty-list<non-empty-list<Length>> row by row; null where it was left open */
    public function table(Ask $ask): ?array
    {
        $answer = $this->of[$ask->value] ?? null;

        return is_array($answer) ? $answer : null;
    }

    /** @return list<Point> of a profile; none where it was left open */
    public function points(Ask $ask): array
    {
        return array_map(fn (array $row) => new Point($row[0], $row[1] ?? Length::zero()), $this->table($ask) ?? []);
    }

    public function answers(): Answers
    {
        $kept = [];
        foreach ($this->of as $ask => $answer) {
            if ($answer !== null) {
                $kept[$ask] = match (true) {
                    $answer instanceof Length => (string) $answer->nanometres,
                    $answer instanceof Pick => $answer->value,
                    is_array($answer) => implode(
                        ' ', array_map(fn (array $row) => implode(':', array_map(fn (Length $one) => $one->nanometres, $row)), $answer),
                    ),
                    default => (string) $answer,
                };
            }
        }

        return new Answers($kept);
    }

    /**
     * Everything as usual, but for what is said otherwise.
     *
     * @param  list<Asked>  $asks
     * @param  array<string, Length|int|Pick|non-empty-list<non-empty-list<Length>>|null>  $said  by what was asked
     */
    public static function usual(Notation $notation, SideNames $sides, array $asks, array $said = []): self
    {
        $of = [];
        foreach ($asks as $asked) {
            $of[$asked->ask->value] = array_key_exists($asked->ask->value, $said) ? $said[$asked->ask->value] : $asked->usual($notation->unit);
        }

        return new self($notation, $sides, $of);
    }

    /**
     * As it was kept with a plan.
     *
     * @param  list<Asked>  $asks
     */
    public static function kept(Notation $notation, SideNames $sides, array $asks, Answers $answers): self
    {
        $said = [];
        foreach ($asks as $asked) {
            $kept = $answers->of[$asked->ask->value] ?? null;
            if ($kept === null) {
                continue;
            }
            $said[$asked->ask->value] = match ($asked->sort) {
                AskedSort::Pick => Pick::from($kept),
                AskedSort::Count => (int) $kept,
                AskedSort::Reaches, AskedSort::Faces, AskedSort::Marks, AskedSort::Profile => array_map(
                    fn (string $row) => array_map(fn (string $one) => Length::nanometres((int) $one), explode(':', $row)), explode(' ', $kept),
                ),
                default => Length::nanometres((int) $kept),
            };
        }

        return self::usual($notation, $sides, $asks, $said);
    }
}
