<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedSort;
use Aequus\Thing\Ask\Pick;
use Aequus\Words\Speech;
use Aequus\Words\Thing\AskWords;

/** One question as a field: its words, why it is asked, and what stands in it. */
final readonly class ThingField
{
    public string $name;

    public string $label;

    public string $why;

    public string $value;

    /** @var array<string, string> what can be chosen, in words; none where something is typed */
    public array $options;

    /** In which a length is read; null where none is. */
    public ?Unit $unit;

    public bool $isFolded;

    public bool $isWide;

    /** @param  Length|int|Pick|list<list<Length>>|null  $answer */
    public function __construct(Asked $asked, Length|int|Pick|array|null $answer, Notation $notation)
    {
        $usual = $asked->usual($notation->unit);
        $this->name = $asked->ask->value;
        $this->label = AskWords::asks($asked->ask);
        $this->why = (string) (new Speech(null, $notation))->page(
            AskWords::why($asked->ask), example: is_array($usual) ? self::written($usual, $notation) : '',
        );
        $this->value = self::written($answer, $notation);
        $this->options = array_combine(array_map(fn (Pick $pick) => $pick->value, $asked->picks), array_map(AskWords::pick(...), $asked->picks));
        $this->unit = in_array($asked->sort, [AskedSort::Length, AskedSort::MaybeLength], true) ? $notation->unit : null;
        $this->isFolded = $asked->isFolded;
        $this->isWide = in_array($asked->sort, [AskedSort::Reaches, AskedSort::Faces, AskedSort::Marks, AskedSort::Profile], true);
    }

    /** @param  Length|int|Pick|list<list<Length>>|null  $answer */
    private static function written(Length|int|Pick|array|null $answer, Notation $notation): string
    {
        return match (true) {
            $answer === null => '',
            $answer instanceof Length => $notation->write($answer),
            $answer instanceof Pick => $answer->value,
            is_array($answer) => implode('; ', array_map(fn (array $row) => implode(' : ', array_map($notation->write(...), $row)), $answer)),
            default => (string) $answer,
        };
    }
}
