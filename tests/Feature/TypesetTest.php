<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Words\Sentence;
use App\Type\Typeset;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypesetTest extends TestCase
{
    #[TestWith([10_000_000, '3/8″'], 'rounded to the smallest mark')]
    #[TestWith([3829050000, '12′ 6 3/4″'])]
    #[TestWith([-793750, '−1/16″'])]
    #[TestWith([3657600000, '12′ 0″'])]
    public function test_a_length_reads_the_same_with_its_dress_taken_off(int $nanometres, string $plain): void
    {
        $dressed = Typeset::length(Notation::feetInches(16), Length::nanometres($nanometres));
        $this->assertSame($plain, str_replace("\u{00A0}", ' ', strip_tags($dressed)));
    }

    public function test_every_fraction_is_drawn_by_the_same_means(): void
    {
        $page = Typeset::length(Notation::feetInches(16), Length::inches(41.6875));
        $this->assertStringContainsString('<span class="fr">11/16</span>″', $page);
        $this->assertStringContainsString($this->fraction($page), Typeset::sentence(Sentence::of(Notation::feetInches(16), 'It is ', Length::inches(5.6875), ' short.')));
        $this->assertStringContainsString('<tspan class="fr">11/16</tspan>', Typeset::svg(Notation::feetInches(16), Length::inches(41.6875)));
    }

    public function test_lengths_in_a_sentence_are_dressed_and_nothing_else_is(): void
    {
        $said = Typeset::sentence(Sentence::of(
            Notation::feetInches(16), 'D3 ', Length::inches(0.6875), ' off, not 12 of 18, 1 in 200, by ',
            Sentence::of(Notation::millimetres(0), Length::millimetres(22)), '.',
        ));
        $this->assertSame(2, substr_count($said, 'class="len"'));
        $this->assertStringStartsWith('D3 <span', $said, 'a label before a length is no part of it');
        $this->assertStringContainsString('12 of 18, 1 in 200', $said);
        $this->assertStringNotContainsString('class="len"', Typeset::sentence('5 11/16" as somebody typed it'));
    }

    public function test_what_a_person_typed_cannot_become_markup(): void
    {
        $said = Typeset::sentence('<img src=x onerror=alert(1)> 6" & more');
        $this->assertStringNotContainsString('<img', $said);
        $this->assertStringContainsString('&lt;img', $said);
        $this->assertStringContainsString('&amp; more', $said);
    }

    private function fraction(string $dressed): string
    {
        preg_match('#<span class="fr">.*?</span>#', $dressed, $found);

        return $found[0];
    }
}
