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
        'Fact' => [],
        'Measure' => ['Fact'],
        'Stock' => ['Fact', 'Measure'],
        'Days' => ['Fact', 'Measure'],
        'Adjust' => ['Fact', 'Measure'],
        'Plan' => ['Fact', 'Measure', 'Stock', 'Days'],
        'Logbook' => ['Fact', 'Measure', 'Days', 'Adjust', 'Plan'],
        'Thing' => ['Fact', 'Measure', 'Plan'],
        'Clear' => ['Fact', 'Measure', 'Days', 'Adjust', 'Plan', 'Logbook'],
        'Square' => ['Fact', 'Measure', 'Adjust', 'Plan', 'Logbook'],
        'Level' => ['Fact', 'Measure', 'Adjust', 'Plan', 'Logbook'],
        'Footing' => ['Fact', 'Measure', 'Stock', 'Adjust', 'Plan', 'Logbook'],
        'Set' => ['Fact', 'Measure', 'Adjust', 'Plan', 'Logbook'],
        'Cut' => ['Fact', 'Measure', 'Adjust', 'Plan', 'Logbook'],
        'Frame' => ['Fact', 'Measure', 'Stock', 'Adjust', 'Plan', 'Logbook', 'Cut'],
        'Handover' => ['Fact', 'Measure', 'Adjust', 'Plan', 'Logbook'],
        'Site' => ['Fact', 'Measure', 'Days', 'Adjust', 'Plan', 'Thing', 'Logbook', 'Clear', 'Square', 'Level', 'Footing', 'Set', 'Cut', 'Handover'],
        'Diary' => ['Fact', 'Measure', 'Adjust', 'Days', 'Plan', 'Logbook', 'Clear', 'Square', 'Footing', 'Frame', 'Set', 'Site'],
        'Bill' => ['Fact', 'Measure', 'Stock', 'Plan', 'Square', 'Footing', 'Clear', 'Frame', 'Logbook', 'Site'],
        'Words' => ['Fact', 'Measure', 'Stock', 'Days', 'Adjust', 'Plan', 'Thing', 'Logbook', 'Clear', 'Square', 'Level', 'Footing', 'Set', 'Cut', 'Frame', 'Bill', 'Diary', 'Handover', 'Site', 'Guide'],
        'Guide' => ['Fact', 'Measure', 'Days', 'Adjust', 'Plan', 'Thing', 'Logbook', 'Clear', 'Square', 'Level', 'Footing', 'Set', 'Cut', 'Frame', 'Handover', 'Site'],
    ];

    /** What plain PHP gives the core: exceptions, interfaces and dates that come in as arguments. */
    private const PLAIN = '/^(DateInterval|DomainException|InvalidArgumentException|UnexpectedValueException|LogicException|OutOfBoundsException|DateTimeImmutable|DateTimeZone|ArrayAccess|Countable|IteratorAggregate|Generator|UnitEnum|BackedEnum|Stringable|Closure)$/';

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
