<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;

/** The cider-press shelter in the yard: from the missing tapes to a layout that is proved. */
final class ShelterStoryTest extends BrowserTestCase
{
    #[TestWith([417, 1280])]
    #[TestWith([7919, 390])]
    #[TestWith([31676, 1280])]
    public function test_the_wrong_tape_and_the_wrong_stake_are_found_mended_and_proved(int $seed, int $width): void
    {
        $this->open('demo', seed: $seed);
        $this->visit('/sign-in');
        $this->press('form[action$="/demo"] .button');
        $this->chromium->resize($width, 844);
        $this->visit('/jobs/3/square');
        $this->assertSees('4 of 42 readings still to take');
        $told = $this->readUntil('Move stake');
        $this->assertNotEmpty(array_filter($told, fn (string $do) => preg_match('/^Pull (A3–B3|B3–A3) again$/', $do) === 1), implode(' · ', $told));
        $this->assertSees('Move stake D3', '.move');
        $this->assertSees('toward the barn', '.move');
        $this->assertSees('Stake D3 is out');
        $this->press('.move form[action$="/square/moved"] .button');
        $this->assertSees('these readings prove the new place');
        $proving = $this->readUntil('Dig');
        $this->assertCount(6, $proving);
        $this->assertSame([], array_filter($proving, fn (string $do) => ! str_contains($do, 'D3')));
        $this->assertSees('Every stake is within 1/4"');
    }

    /** @return list<string> what the next move was each time, until it begins otherwise */
    private function readUntil(string $otherwise): array
    {
        $told = [];
        while (! str_starts_with($do = str_replace("\u{00A0}", ' ', $this->text('.move h2')), $otherwise)) {
            $this->assertStringStartsWith('Pull', $do);
            $this->assertLessThan(24, array_push($told, $do));
            $this->readIt();
        }

        return $told;
    }

    private function readIt(): void
    {
        $this->press('.move button[formaction$="/square/simulated"]');
        $this->assertNotSame('', $this->find('#tape-distance')->getAttribute('value'));
        $this->press('.move form[action$="/square/tape"] .button');
    }
}
