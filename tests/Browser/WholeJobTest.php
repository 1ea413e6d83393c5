<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\PdfText;

final class WholeJobTest extends BrowserTestCase
{
    private const DAYS_TO_HARDEN = 4;

    /** A 2 × 2 frame of odd bays, from the first start to the hand-over; readings are entered on a phone. */
    #[TestWith([true], 'with scripts')]
    #[TestWith([false], 'with scripts off')]
    public function test_a_new_job_goes_from_bare_ground_to_the_hand_over(bool $scripts): void
    {
        $this->open('own', $scripts);
        $this->nameTheOwner();
        $this->planTheJob();
        $this->clearTheGround();
        $this->squareIt();
        $this->levelIt();
        $this->decideDepthsAndDig();
        $this->setAndPlumb();
        $this->fill($scripts);
        $this->cut();
        $this->handOver();
        $this->readTheRecord();

        $outside = array_filter(
            $this->chromium->requested(),
            fn (string $url) => preg_match('#^(https?|wss?|ftp):#', $url) && ! str_starts_with($url, $this->server->address),
        );
        $this->assertSame([], array_values($outside), 'a request left the machine');
        $this->assertSame([], array_filter($this->chromium->complaints(), fn (string $line) => str_contains($line, 'Content Security Policy')));
    }

    private function nameTheOwner(): void
    {
        $this->visit('/');
        $this->type('[name=name]', 'Wren');
        $this->type('[name=email]', 'wren@aequus.test');
        $this->type('[name=password]', 'plumb as a bob');
        $this->press('main .button');
        $this->assertSees('No job yet');
    }

    private function planTheJob(): void
    {
        $this->press('.jobs-head .button');
        $this->press("a[href*='/jobs/new/fields']");
        $this->type('[name=name]', 'Wood shed');
        foreach ([
            'side_minus_y' => 'lane', 'side_plus_y' => 'orchard', 'side_minus_x' => 'barn', 'side_plus_x' => 'stream', 'bays_x' => "13' 7",
            'bays_y' => "9' 2 1/2", 'standing' => "7' 6",
        ] as $field => $typed) {
            $this->type("[name={$field}]", $typed);
        }
        $this->choose('[name=post_shape]', 'nominal');
        $this->press('.planning .button');
        $this->assertSees('Ask for utility marks', '.move');
    }

    private function clearTheGround(): void
    {
        $this->type('#notice-asked_on', '2026-05-04');
        $this->press('#entry .button');
        $this->sure('#entry'); // asked so long ago that the marks may have faded
        $this->assertSees('Pull the tape A1–B1', '.move');
        $this->type('#service-no_dig', "2'");
        $this->type('#service-points', "-5'; 0\n20'; 0");
        $this->press('form[action$="/entries/service"] .button');
        $this->assertSees('Keep hole A1 clear', '.move');
        foreach (['A1', 'B1'] as $hole) {
            $this->assertSees("Keep hole {$hole} clear", '.move');
            $this->unfold('.move .decide');
            $this->type('#decide-reason', 'Probed; dug with spades.');
            $this->press('.move .decide .button');
        }
        $this->assertSees('Pull the tape A1–B1', '.move');
    }

    /** What was asked about is right as typed. */
    private function sure(string $form): void
    {
        $this->find("{$form} [name=sure]")->click();
        $this->press("{$form} .button");
    }

    private function squareIt(): void
    {
        $this->chromium->resize(390, 844);
        $this->press('.move .button');
        // One reading is mistyped and refused at its field; what was typed still stands there.
        $this->type('#tape-distance', '13 ells');
        $this->press('form[action$="/entries/tape"] .button');
        $this->assertSees('“ells” is not a unit known here', '.refusal');
        $this->assertSame('13 ells', $this->find('#tape-distance')->getAttribute('value'));
        // 163 and 110 1/2 in make a diagonal of 16' 4 15/16"; the far side stands half an inch toward the stream.
        foreach (["13' 7", "9' 2 1/2", "13' 7", "9' 2 1/2", "16' 5 3/8", "16' 4 1/2"] as $tape) {
            $this->type('#tape-distance', $tape);
            $this->press('form[action$="/entries/tape"] .button');
        }
        $this->assertSees('Move stakes A2 and B2', '.move');
        $this->assertSees('toward the barn', '.move');
        $this->press('form[action$="/entries/stake_moved"] .button');
        foreach (["9' 2 1/2", "13' 7", "9' 2 1/2", "16' 4 15/16", "16' 4 15/16"] as $tape) {
            $this->assertSees('Pull the tape', '.move');
            $this->type('#tape-distance', $tape);
            $this->press('form[action$="/entries/tape"] .button');
        }
        $this->assertSees('Every stake is within 1/4"');
    }

    private function levelIt(): void
    {
        $this->press('.move .button');
        $this->type('#benchmark-name', 'kerb');
        $this->press('#entry .button');
        foreach (["4' 3", "4' 10", "5' 0 1/2", "5' 2 1/2", "4' 11"] as $rod) {
            $this->type('#rod-rod', $rod);
            $this->press('#entry .button');
        }
        $this->assertSees('The ground falls 4 1/2"');
    }

    private function decideDepthsAndDig(): void
    {
        $this->press('.move .button');
        foreach ([
            'frost' => '32', 'margin' => '2', 'embedment' => "2' 6", 'pad' => '4', 'gravel' => '6', 'least_gravel' => '3',
        ] as $field => $typed) {
            $this->type("#rules-{$field}", $typed);
        }
        $this->press('form[action$="/footing/rules"] .button');
        $this->assertSees('Dig hole A1', '.move');
        $this->assertSees("3' 4\"", '.move-number');
        $this->type('#hole-depth', "3' 0");
        $this->press('#entry .button');
        $this->assertSees('Dig A1 deeper', '.move');
        foreach (["3' 4", "3' 4 1/2", "3' 5", "3' 4"] as $depth) {
            $this->type('#hole-depth', $depth);
            $this->press('#entry .button');
        }
        $this->assertSees('4 of 4 holes are dug, all deep enough');
    }

    private function setAndPlumb(): void
    {
        $this->assertSees('Set post A1', '.move');
        foreach (['A1', 'B1', 'B2', 'A2'] as $label) {
            $this->visit("/jobs/1/set/{$label}");
            $this->press('.button-yard');
        }
        foreach (['A1', 'B1', 'B2', 'A2'] as $label) {
            $this->visit("/jobs/1/set/{$label}");
            foreach (['lane', 'stream'] as $face) {
                $this->assertSees("Hold the level on the {$face} face", '.move');
                $leans = $label === 'B1' && $face === 'lane';
                $this->tick('leans', $leans ? 'plus_y' : 'plumb');
                $leans && $this->type('#plumb-gap', '3/8');
                $this->press('#entry .button-yard');
            }
        }
        $this->visit('/jobs/1/set/B1');
        $this->assertSees('Pull the top of B1', '.move');
        $this->assertSees('toward the lane', '.move');
        $this->tick('face', 'minus_y');
        $this->tick('leans', 'plumb');
        $this->press('#entry .button-yard');
    }

    /** Everything is seen to, one measure is taken again, and the posts are filled; the fill pushes B1, and one step is typed while the server is down. */
    private function fill(bool $scripts): void
    {
        $this->visit('/jobs/1/set/A1');
        foreach (['inspected', 'foot clean', 'mix and water', 'no frost', 'cover at hand'] as $item) {
            $this->assertSees("Before the pour: {$item}", '.move');
            $this->press('#entry form[action$="/entries/ready"] .button');
        }
        $this->assertSees('Measure once more, another way', '.move');
        $this->type('#check-off', '1/16');
        $this->press('#entry .button');
        foreach (['A1', 'B1', 'B2', 'A2'] as $label) {
            $this->visit("/jobs/1/set/{$label}");
            $this->assertSees("Fill {$label}", '.move');
            $this->type('#filled-bags', '7');
            if ($scripts && $label === 'B2') {
                $this->server->kill();
                $this->find('#entry .button-yard')->click();
                $this->assertSees('One entry waits', '#outbox');
                $this->server->start();
                $this->chromium->driver->executeScript('dispatchEvent(new Event("online"))');
            } else {
                $this->press('#entry .button-yard');
            }
            foreach (['lane', 'stream'] as $face) {
                $this->assertSees("Hold the level on the {$face} face", '.move');
                $leans = $label === 'B1' && $face === 'lane';
                $this->tick('leans', $leans ? 'plus_y' : 'plumb');
                $leans && $this->type('#plumb-gap', '1/2');
                $this->press('#entry .button-yard');
            }
        }
        $this->visit('/jobs/1/set/B1');
        $this->assertSees('Pull the top of B1', '.move');
        $this->assertSees('It is filled: pull only while the fill still gives', '.move');
        $this->assertSees('The fill pushed it');
        $this->tick('face', 'minus_y');
        $this->tick('leans', 'plumb');
        $this->press('#entry .button-yard');
        $this->assertSees('Decide where the tops shall be');
        $this->visit('/jobs/1/set');
        $this->assertSees('Decide where the tops shall be', '.move');
    }

    private function cut(): void
    {
        $this->press('.move .button');
        $this->type('#tops-height', "6' 9");
        $this->type('#tops-datum_line', "3' 0");
        $this->choose('#tops-falls_toward', 'plus_y');
        $this->type('#tops-fall', '1/4');
        $this->press('form[action$="/cut/tops"] .button');
        // Level line to mark: 45 in at row 1, and 2.3 in less at row 2.
        foreach (["3' 10", "3' 10 1/2", "3' 7", "3' 6"] as $above) {
            $this->assertSees('above the datum line', '.move');
            $this->type('#top-above', $above);
            $this->press('form[action$="/entries/top"] .button');
        }
        $this->assertSees('Post A2 is short: cut nothing yet', '.move');
        $this->unfold('.move .decide');
        $this->type('#decide-reason', 'A steel shoe makes it good.');
        $this->press('.move .decide .button');
        $this->assertSees('Measure once more, another way', '.move');
        $this->type('#check-off', '0');
        $this->press('form[action$="/entries/cross_checked"] .button');
        $this->assertSees('Leave A1 alone until it is hard', '.move');
        $this->server->kill();
        $this->server->start(self::DAYS_TO_HARDEN);
        $this->visit('/jobs/1/cut');
        foreach (['A1', 'B1', 'B2'] as $label) {
            $this->assertSees("Mark and cut {$label}", '.move');
            $this->press('form[action$="/entries/post_cut"] .button');
        }
    }

    private function handOver(): void
    {
        foreach (['A1', 'B1', 'A2', 'B2'] as $label) {
            $this->visit("/jobs/1/set/{$label}");
            $this->assertSees("Take the braces off {$label}", '.move');
            $this->press('#entry [name=step][value=stripped]');
        }
        $this->chromium->resize(1280, 800);
        $this->visit('/jobs/1/set');
        $this->press('.move .button');
        $this->assertSees('Plan against what was measured');
        $this->assertSees('A steel shoe makes it good.', '.record-table');
        $this->assertSees('Wren, '.gmdate('j M Y', time() + 86400 * self::DAYS_TO_HARDEN), '.record-table');
        $this->type('#handover-to', 'the miller');
        $this->press('form[action$="/entries/handed_over"] .button');
        $this->assertSees('Handed over to the miller');
        $this->assertSees('Nothing is left to do', '.move');
    }

    /** The record as PDF, fetched as the browser that is signed in would. */
    private function readTheRecord(): void
    {
        $cookies = implode(
            '; ', array_map(fn ($cookie) => "{$cookie->getName()}={$cookie->getValue()}", $this->chromium->driver->manage()->getCookies()),
        );
        $pdf = (string) file_get_contents(
            "{$this->server->address}/jobs/1/handover/record.pdf?paper=letter", false,
            stream_context_create(['http' => ['header' => "Cookie: {$cookies}"]]),
        );
        $this->assertEqualsWithDelta([612.0, 792.0], PdfText::size($pdf), 0.1);
        $text = PdfText::of($pdf);
        foreach ([
            'Wood shed', 'Handed over to the miller', 'Holes deep enough 4 of 4 measured met', 'Plumb within 1 in 200 4 of 4 measured',
            'A steel shoe makes it good', 'Probed; dug with spades', '3 of 4 NOT met',
        ] as $words) {
            $this->assertStringContainsString($words, $text);
        }
    }

    private function tick(string $name, string $value): void
    {
        $this->find("input[name={$name}][value={$value}]")->findElement(WebDriverBy::xpath('..'))->click();
    }
}
