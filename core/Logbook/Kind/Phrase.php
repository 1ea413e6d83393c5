<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Notation;
use Aequus\Measure\Temperature;
use Closure;

/** One word of the quick line, or a few: of whom it is said, what may follow, and the entry it becomes. Each belongs to its kind of entry. */
final readonly class Phrase
{
    /**
     * @param  string  $verb  empty for what begins with none: tried when no other fits
     * @param  Closure(SpokenPieces, Whom, string): ?Payload  $read  of whom, and what follows the verb; null for the benchmark, and for a line not understood
     * @param  string  $example  with the sides east and lane, and {} for each figure; empty where another phrase of the kind shows it
     * @param  list<array{float, float}|Temperature>  $figures  of the example: mm where goods are metric, else inches
     * @param  int  $place  among what is offered first after a post; zero for what is offered only once it is begun
     * @param  list<string>  $words  what may follow the verb
     * @param  string  $sidesAfter  a pattern of what follows the verb, after which one of the sides may stand
     */
    public function __construct(
        public Called $of,
        public string $verb,
        public Takes $takes,
        public Closure $read,
        public string $example = '',
        public array $figures = [],
        public int $place = 0,
        public array $words = [],
        public string $sidesAfter = '',
    ) {
    }

    /** Empty where another phrase of the kind shows it. */
    public function exampleIn(Notation $notation): string
    {
        $figures = array_map(
            fn (array|Temperature $figure) => $figure instanceof Temperature ? str_replace('°', '', $figure->write($notation->unit))
                : $notation->typed($notation->system()->sold(...$figure)), $this->figures,
        );

        return vsprintf(str_replace('{}', '%s', $this->example), $figures);
    }

    /** What follows the verb in what is said; null where it does not begin with it. */
    public function after(string $said): ?string
    {
        [$verb, $begun] = [mb_strtolower($this->verb), mb_strtolower($said)];

        return match (true) {
            $verb === '' => $said,
            $begun === $verb => '',
            str_starts_with($begun, "{$verb} ") => trim(mb_substr($said, mb_strlen($verb))),
            default => null,
        };
    }
}
