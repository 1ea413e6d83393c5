<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Words\Speech;
use LogicException;
use PHPUnit\Framework\TestCase;

/** Nobody says a length before somebody said how it is written. */
final class SpeechTest extends TestCase
{
    public function test_a_length_is_said_as_the_job_writes_it_or_not_at_all(): void
    {
        $length = Length::millimetres(2400);
        $this->assertSame('off by 2400 mm', (string) (new Speech(null, Notation::millimetres(0)))->page('off by {much}', much: $length));
        $this->assertSame('both', (string) (new Speech)->page('{one}', one: 'both'), 'words alone need no notation');
        foreach (['{much}' => $length, '{much,}' => [$length]] as $text => $part) {
            try {
                $this->fail((string) (new Speech)->page($text, much: $part));
            } catch (LogicException $refused) {
                $this->assertStringContainsString('how lengths are written', $refused->getMessage());
            }
        }
    }
}
