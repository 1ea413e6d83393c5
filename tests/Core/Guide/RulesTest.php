<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Says;
use Aequus\Words\Guide\GuideWords;
use PHPUnit\Framework\TestCase;
use ReflectionFunction;

/** What a rule needs beside itself: a place in the list, and words for each of its cases. */
final class RulesTest extends TestCase
{
    public function test_every_rule_is_asked_once_or_more(): void
    {
        $asked = array_map(fn ($moves) => (new ReflectionFunction($moves))->getClosureScopeClass()?->name, Guide::rules());
        $rules = array_filter($this->classes(), fn (string $class) => method_exists($class, 'moves'));
        $this->assertNotEmpty($rules);
        $this->assertSame([], array_values(array_diff($rules, $asked)), 'nobody asks them');
    }

    public function test_every_case_has_words_that_no_other_rule_has(): void
    {
        $said = [];
        foreach ($this->classes() as $class) {
            foreach (is_subclass_of($class, Says::class) ? $class::cases() : [] as $case) {
                $said["{$class}::{$case->name}"] = GuideWords::of($case);
            }
        }
        $this->assertGreaterThan(250, count($said));
        $this->assertNotContains('', $said);
        $this->assertSame([], array_keys(array_diff_key($said, array_unique($said))), 'a sentence is made in one place');
    }

    /** @return list<class-string> of every room of the guide */
    private function classes(): array
    {
        $classes = [];
        foreach (glob(__DIR__.'/../../../core/Guide/*/*.php') ?: [] as $file) {
            $class = 'Aequus\\Guide\\'.basename(dirname($file)).'\\'.basename($file, '.php');
            if (class_exists($class) || interface_exists($class)) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
