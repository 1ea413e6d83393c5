<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Ten lengths read off the frames of two demo jobs, each worked out by hand beside it. */
final class FrameScreensTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        $this->open('demo');
        $this->visit('/sign-in');
        $this->press('form[action$="/demo"] .button');
    }

    /**
     * The shelter: bays of 8, 9, 9 and 8 feet, rows 7½, 8 and 7½ feet apart, everything a foot over. A beam is 36 feet; where C stands it is joined there, at 18
     * feet, and its other ply at 9 and 27, over B and D. Rafters are 25 feet out of at most 20: joined over row 3, at 16½. Two feet of leg and 3½ inches of
     * width make braces of 24 √2 + 3½ = 37.44 inches. A sheet is 25 feet and 2 inches.
     */
    public function test_the_cider_press_shelter(): void
    {
        $this->visit('/jobs/3/cut/members');
        $table = $this->plain('main table');
        foreach (['10 × 18\' 0"', '12 × 9\' 0"', '19 × 16\' 6"', '19 × 8\' 6"', '13 × 25\' 2"', '8 × 3\' 1 7/16"'] as $says) {
            $this->assertStringContainsString($says, $table);
        }
        // Where C is left out, both plies of a row can only be joined over B and D.
        $this->assertSees('both joined over B2');
        // From above it is as long as its beams with an inch and a bit of nothing: 36 feet by 25, rafters 430½ / 18 inches apart.
        $this->visit('/jobs/3/cut/members?view=plan&up_to=joist');
        $this->assertStringContainsString('36\' 0"; 25\' 0"; 8\' 0"; 9\' 0"; 9\' 0"; 8\' 0"; 1\' 11 15/16"', (string) $this->find('.frame-drawing')->getAttribute('aria-label'));
    }

    /**
     * The hide on the boardwalk: five bays of 1800, rows 2100 apart, 300 over, tops rising one in fourteen. Beams of 9600 out of at most 4800: 3900, 3600 and 2100,
     * over posts. Rafters 2700 √(1 + 1/14²) + 145/14 = 2717.2. Sheets 2706.9 + 50. Braces 600 √2 + 70.
     */
    public function test_the_hide_on_the_boardwalk_and_its_cut_list(): void
    {
        $this->visit('/jobs/2/cut/members');
        $table = $this->plain('main table');
        foreach (['4 × 3900 mm', '4 × 3600 mm', '4 × 2100 mm', '17 × 2717 mm', '10 × 2757 mm', '4 × 919 mm'] as $says) {
            $this->assertStringContainsString($says, $table);
        }
        // The picture follows by itself.
        $this->choose('#sum-view', 'minus_x');
        // Seen from its end: rafters and a sheet over the low edge long, and from the ground to the high edge: rafters rest on the low edges of beams 90 wide, 45/14 up.
        $this->until(
            fn () => str_contains((string) $this->find('.frame-drawing')->getAttribute('aria-label'), '2750 mm; 2961 mm'),
            fn () => (string) $this->find('.frame-drawing')->getAttribute('aria-label'),
        );
        $this->visit('/jobs/2/cut/boards');
        $this->assertSees('No way costs less.');
        $this->assertStringContainsString('plumb, 4.1°', $this->text('main'));
        // Another length on offer is kept, and the boards follow.
        $this->type('[name="sold_45000000x145000000"]', '5500 : 20');
        $this->press('form[action$="/cut/boards"] .button');
        $this->assertSees('The lengths are kept.');
        $this->assertStringContainsString('5500 mm : 20.00', (string) $this->find('[name="sold_45000000x145000000"]')->getAttribute('value'));
        // Two of 2717 and a cut of 3 are 5437: nine boards for seventeen rafters, eight fewer than before.
        $this->assertSees('35 boards to buy');
        $this->assertSees('8 × 5500 mm');
        // One of those is cut wrong: its two rafters are sawn again out of a new one.
        $this->chromium->driver->executeScript('document.querySelectorAll(".sawn details").forEach(one => one.open = true)');
        $this->press('form:has([name="section"][value="45000000,145000000"]) .button');
        $this->assertSees('Sawn again for what was spoiled');
        $this->assertSees('36 boards to buy');
    }

    /** From the bare page to pieces that are up: members let into the posts, screws chosen that come out, others that do not, and beams drawn solid. */
    public function test_a_frame_is_joined_held_together_and_built(): void
    {
        $this->visit('/jobs/2/cut/members');
        $this->find('.side-work details.change > summary')->click();
        $this->choose('#frame-beam_seating', 'in_notch');
        $this->press('form[action$="/cut/members"] button.button:not(.button-second)');

        // 90 of 120 leaves 30, less than a third.
        $this->assertSees('The notch leaves 30 mm of the post');
        $this->visit('/jobs/2/cut/fixings');
        $this->type('[name="purlin_long"]', '200');
        $this->press('form[action$="/cut/fixings"] .button');
        $this->assertSees('200 mm would come out behind 190 mm of timber');
        $this->type('[name="purlin_long"]', '120');
        $this->press('form[action$="/cut/fixings"] .button');
        $this->assertSees('screw of 120 mm');
        $this->assertStringNotContainsString('would come out', $this->text('main'));
        $this->visit('/jobs/2/cut/members');
        $this->choose('#up-layer', 'beam');
        $this->type('[name="from"]', '1');
        $this->type('[name="to"]', '12');
        $this->press('form[action$="/entries/members_up"] .button');
        $this->assertSees('12 of 58 pieces are up.');
        $this->assertCount(12, $this->chromium->driver->findElements(WebDriverBy::cssSelector('.frame-piece.is-built')));
    }
}
