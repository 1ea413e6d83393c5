<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The house rules that PHPStan enforces: what each folder of the core may lean on, and that the core leans on nothing else. */
final class FloorsTest
{
    private const FLOORS = [
        'Measure' => [],
        'Adjust' => ['Measure'],
        'Plan' => ['Measure', 'Adjust'],
        'Logbook' => ['Measure', 'Adjust', 'Plan'],
        'Clear' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Square' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Level' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Footing' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Set' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Cut' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Handover' => ['Measure', 'Adjust', 'Plan', 'Logbook'],
        'Site' => ['Measure', 'Adjust', 'Plan', 'Logbook', 'Clear', 'Square', 'Level', 'Footing', 'Set', 'Cut', 'Handover'],
        'Words' => ['Measure', 'Adjust', 'Plan', 'Logbook', 'Clear', 'Square', 'Level', 'Footing', 'Set', 'Cut', 'Handover', 'Site', 'Guide'],
        'Guide' => ['Measure', 'Adjust', 'Plan', 'Logbook', 'Clear', 'Square', 'Level', 'Footing', 'Set', 'Cut', 'Handover', 'Site'],
    ];

    /** What plain PHP gives the core: exceptions, interfaces and dates that come in as arguments. */
    private const PLAIN = '/^(DateInterval|DomainException|InvalidArgumentException|UnexpectedValueException|LogicException|DateTimeImmutable|ArrayAccess|Countable|UnitEnum|BackedEnum|Stringable|Closure)$/';

    /** @return iterable<string, Rule> */
    public function test_each_floor_leans_only_on_the_floors_below(): iterable
    {
        foreach (self::FLOORS as $folder => $below) {
            $allowed = array_map(fn (string $name) => Selector::inNamespace("Aequus\\{$name}"), [$folder, ...$below]);
            yield $folder => PHPat::rule()
                ->classes(Selector::inNamespace("Aequus\\{$folder}"))
                ->canOnlyDependOn()
                ->classes(Selector::classname(self::PLAIN, true), ...$allowed)
                ->because('the core is pure and its floors only lean downwards');
        }
    }
}
