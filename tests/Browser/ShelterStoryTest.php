<?php

declare(strict_types=1);

namespace Tests\Browser;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\Unit;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
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
        $this->press('.move form[action$="/entries/stake_moved"] .button');
        $this->assertSees('these readings prove the new place');
        $proving = $this->readUntil('Dig');
        $this->assertGreaterThanOrEqual(3, count($proving), 'three checked readings prove the new place');
        $this->assertLessThanOrEqual(6, count($proving));
        $this->assertSame([], array_filter($proving, fn (string $do) => ! str_contains($do, 'D3')));
        $this->assertSees('Every stake is within 1/4"');
        $this->levelFromASecondSetUp();
        $this->meetRock();
    }

    /** Four posts are read again from a second place, one of them two inches wrong: both its readings are named, one is read again, and it is settled. */
    private function levelFromASecondSetUp(): void
    {
        $this->visit('/jobs/3/level');
        $first = $this->firstSetUp();
        $lower = Length::inches(9.25);
        foreach (['A1', 'E1', 'A4'] as $label) {
            $this->rod($label, '2', $first[$label]->minus($lower));
        }
        $this->assertSees('what only one reading tells is still unchecked');
        $this->rod('E4', '2', $first['E4']->minus($lower)->plus(Length::inches(2)));
        $this->assertSees('2 height readings can’t all be true');
        $this->assertSees('Read again: the rod on E4 from set-up', '.move');
        $this->assertSees('the rod on E4 from set-up 1', '.move');
        $this->assertSees('the rod on E4 from set-up 2', '.move');
        for ($again = 0; str_starts_with(str_replace("\u{00A0}", ' ', $this->text('.move h2')), 'Read again'); $again++) {
            $this->assertLessThan(3, $again);
            $setUp = (string) $this->find('#rod-set_up')->getAttribute('value');
            $this->type('#rod-rod', $this->typed($setUp === '1' ? $first['E4'] : $first['E4']->minus($lower)));
            $this->press('form[action$="/entries/rod"] .button');
        }
        $this->assertSees('One reading is left out');
        $this->assertSees('The ground falls');
    }

    /** A plane is moved down on the section and taken, then own depths again; rock stops a hole, it is taken with a reason, and bags and post follow. */
    private function meetRock(): void
    {
        $this->visit('/jobs/3/footing/compare');
        $dug = $this->rowOf('all feet on one plane');
        $this->find('[data-plane]')->sendKeys([WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN]);
        $this->until(
            fn () => $this->find('#sum-plane')->getAttribute('value') !== '' && $this->rowOf('all feet on one plane') !== $dug,
            fn () => 'nothing follows the plane that was moved',
        );
        $this->press('tr:has(input[value="common_plane"]) .button');
        $this->assertSees('What makes it so deep: the plane asked for');
        $this->depthBy('own');
        $this->visit('/jobs/3/footing/bill');
        [$bags, $post] = [$this->bagsMixedAlone(), $this->rowOf('E2')];
        $this->visit('/jobs/3/footing/dig?hole=E2');
        $this->type('#hole-depth', "3' 2");
        $this->choose('#hole-found', 'rock');
        $this->press('form[action$="/entries/hole"] .button');
        $this->assertSees('E2: what can be done');
        $this->assertSees('Break the rock and dig on');
        $this->assertSees('Your local office must agree');
        $this->unfold('#fold-short-E2');
        $this->type('#short-E2-reason', 'A ledge; the office agrees');
        $this->press('#fold-short-E2 .button');
        $this->visit('/jobs/3/footing/bill');
        $this->assertLessThan($bags, $this->bagsMixedAlone());
        $this->assertGreaterThan(100, $bags);
        $this->assertNotSame($post, $this->rowOf('E2'));
        $this->assertStringContainsString('as dug', $this->rowOf('E2'));
    }

    private function bagsMixedAlone(): int
    {
        return (int) preg_replace('/^.*takes (\d+) bags.*$/s', '$1', $this->plain('#holes .verdict-why'));
    }

    private function depthBy(string $mode): void
    {
        $this->visit('/jobs/3/footing');
        $this->unfold('details:has(form[action$="/footing/rules"])');
        $this->choose('#rules-mode', $mode);
        $this->press('form[action$="/footing/rules"] .button');
        $this->assertSees('The rules are in force', 'body');
    }

    private function rowOf(string $label): string
    {
        foreach ($this->chromium->driver->findElements(WebDriverBy::cssSelector('tbody tr')) as $row) {
            if (str_starts_with($row->findElement(WebDriverBy::cssSelector('th'))->getText(), $label)) {
                return $row->getText();
            }
        }
        $this->fail("No row for {$label}.");
    }

    /** @return array<string, Length> what the list shows the rod to have read, by label */
    private function firstSetUp(): array
    {
        $read = [];
        foreach ($this->chromium->driver->findElements(WebDriverBy::cssSelector('.readings tbody tr')) as $row) {
            $reads = strtr(
                (string) $row->findElement(WebDriverBy::cssSelector('td.strong'))->getDomProperty('textContent'),
                ['′' => "'", '″' => '"', "\u{00A0}" => ' '],
            );
            $read[$row->findElement(WebDriverBy::cssSelector('th'))->getText()] = LengthReader::read(trim($reads), Unit::Inch);
        }

        return $read;
    }

    private function rod(string $label, string $setUp, Length $reads): void
    {
        $this->choose('#rod-post', $label);
        $this->type('#rod-set_up', $setUp);
        $this->type('#rod-rod', $this->typed($reads));
        $this->press('form[action$="/entries/rod"] .button');
    }

    private function typed(Length $length): string
    {
        $sixteenths = (int) round($length->inMillimetres() / 25.4 * 16);

        return intdiv($sixteenths, 16).' '.($sixteenths % 16).'/16';
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
        $this->press('.move form[action$="/practice/read"] .button');
    }
}
