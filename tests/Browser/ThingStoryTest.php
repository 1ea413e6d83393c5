<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;

/** Somebody who never saw it begins with a thing: few fields, three presses, and the first measure stands there. Figures are worked out by hand. */
final class ThingStoryTest extends BrowserTestCase
{
    private int $fields = 0;

    private int $presses = 0;

    #[TestWith([390, 844])]
    #[TestWith([1280, 800])]
    public function test_four_things_come_to_their_first_measure(int $width, int $height): void
    {
        $this->open('own');
        $this->chromium->resize($width, $height);
        $this->visit('/');
        foreach (['name' => 'Sedge', 'email' => 'sedge@aequus.test', 'password' => 'plumb as a bob'] as $field => $typed) {
            $this->type("[name={$field}]", $typed);
        }
        $this->press('main .button');

        // 8" to the face of a rule of 7 to 9, and 17 1/2" behind it.
        $this->begin('letter_box', ['name' => 'Parcel box', 'setback_least' => '7', 'setback_most' => '9', 'box_reach' => '17 1/2']);
        $this->assertSees("2' 1 1/2\"", '.come-to-number');
        $this->assertSees('The rule lets it stand 7" to 9" off road');
        $this->keepItInItsBand();

        // The arm reaches 31" at ten feet, and the target hangs 15" inside: 16" behind. At eight feet it reaches 24", and hangs 8" inside.
        $this->begin('court_hoop', ['name' => 'Hoop in the yard', 'inside' => '15']);
        $this->assertSees("1' 4\"", '.come-to-number');
        $this->assertSees("Set to 8' 0\", the target hangs 8\" inside");

        // A sill at 30", an inch down, and 17 1/4" of floor: 11 3/4" stand. 1/2" and 120" less half a post of 5 1/2", in two steps.
        $this->begin('deck', ['name' => 'Deck off the back door', 'deep' => "10'", 'sill_high' => '30']);
        $this->assertSees("4' 10 7/8\"", '.come-to-number');
        $this->assertSees('Post tops: 11 3/4" above the ground');
        $this->addStairs();

        // 3 1/2" into 3 9/16" with 1/16" on either side: 1/32" off each face. A probe at 20" leaves 4" missing.
        $this->begin('socket_repair', ['name' => 'Rotted gate post', 'opening_a' => '3 9/16', 'sound_at' => '20']);
        $this->assertSees('The socket can’t be kept: it can be emptied to 1\' 8" only, 4" less than the 2\' 0" that is needed');
        $this->assertSees('Side B: it goes in as it is');
        $this->changeAnAnswer();
    }

    /** @param  array<string, string>  $typed */
    private function begin(string $kind, array $typed): void
    {
        [$this->fields, $this->presses] = [0, 0];
        $this->visit('/');
        $this->pressed('a.button');
        $this->pressed("a.thing[href*='{$kind}']");
        foreach ($typed as $field => $what) {
            $this->type("[name={$field}]", $what);
            $this->fields++;
        }
        $this->pressed('.planning-fields .button');
        $this->assertLessThanOrEqual(7, $this->fields);
        $this->assertSame(3, $this->presses);
        $this->assertSees('What it comes to');
    }

    private function pressed(string $css): void
    {
        $this->press($css);
        $this->presses++;
    }

    /** The stake is measured, the post set too near, shifted in its hole and measured again. */
    private function keepItInItsBand(): void
    {
        $job = $this->jobNow();
        $this->speak($job, "a1 off road 2' 1 1/2", "a1 hole 4' 8", 'a1 set', "a1 off road 1' 11");
        // 23" to the centre is 5 1/2" to the face: an inch and a half too near.
        $this->visit("{$job}/thing");
        $this->assertSees('Its face stands 5 1/2" off road: 1 1/2" nearer than the rule’s 7"');
        $this->speak($job, "a1 off road 2' 0 1/2");
        $this->visit("{$job}/thing");
        $this->assertSees('Its face stands 7" off road, within 7" to 9"');
        $this->assertSees('Its height is not measured yet as it stands');
        // The box hangs 3/4" over the post's top: 39 3/4" of at least 41.
        $this->speak($job, "a1 over road 3' 3");
        $this->visit("{$job}/thing");
        $this->assertSees("It comes to 3' 3 3/4\" over road: 1 1/4\" lower than the rule’s 3' 5\"");
        $this->speak($job, "a1 over road 3' 5");
        $this->visit("{$job}/thing");
        $this->assertSees("It comes to 3' 5 3/4\" over road, within 3' 5\" to 3' 9\"");
    }

    /** Two posts before the deck: three feet along and four feet out from A1 is five feet straight. */
    private function addStairs(): void
    {
        $job = $this->jobNow();
        $this->visit("{$job}/plan");
        $this->unfold('#parts details:last-of-type');
        foreach (['part_name' => 'S', 'part_points' => "0 : 0; 4' : 0", 'part_x' => "3'", 'part_y' => "-4'"] as $field => $typed) {
            $this->type("#parts details:last-of-type [name={$field}]", $typed);
        }
        $this->press('#parts details:last-of-type .button');
        $this->assertSees('S1');
        $this->visit("{$job}/square/sheet");
        $this->assertSees("S1 3' 0\" -4' 0\" 5' 0\"");
        $this->visit("{$job}/square");
        $this->until(fn (): bool => preg_match('/A1–S1|S1–A1/u', $this->plain('main')) === 1, fn () => 'no tape ties the stairs to the deck: '.mb_substr($this->plain('main'), 900, 1500));
    }

    private function jobNow(): string
    {
        return (string) preg_replace('#^.*(/jobs/\d+).*$#', '$1', $this->chromium->driver->getCurrentURL());
    }

    private function speak(string $job, string ...$lines): void
    {
        foreach ($lines as $line) {
            $this->visit("{$job}/logbook");
            $this->type('#quick-line', $line);
            $this->press('.quick-form .button');
            $this->assertSees('Written down');
        }
    }

    private function changeAnAnswer(): void
    {
        $this->unfold('#entry');
        $this->type('[name=sound_at]', '28');
        $this->press('#entry .button');
        $this->assertSees('Say why the plan changes');
        $this->assertSame('28', $this->find('[name=sound_at]')->getAttribute('value'));
        $this->type('[name=reason]', 'Probed again, it is rotten to the bottom');
        $this->press('#entry .button');
        $this->assertSees('The socket can be kept: emptied to 2\' 4"');
    }
}
