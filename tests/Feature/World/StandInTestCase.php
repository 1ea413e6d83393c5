<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use App\World\StandIn;
use PHPUnit\Framework\TestCase;

/** What everything made up that stands for the outside world keeps to. */
abstract class StandInTestCase extends TestCase
{
    abstract protected function seeded(int $seed): StandIn;

    /** Everything it can be asked, and some it can’t answer, as one value that can be compared. */
    abstract protected function answers(StandIn $one): mixed;

    public function test_it_says_that_it_is_made_up(): void
    {
        $this->assertTrue($this->seeded(1)->isMadeUp());
    }

    public function test_one_seed_gives_one_world_and_another_seed_another(): void
    {
        $this->assertEquals($this->answers($this->seeded(7)), $this->answers($this->seeded(7)));
        $this->assertNotEquals($this->answers($this->seeded(7)), $this->answers($this->seeded(8)));
    }

    /** Asked twice it answers the same: it neither remembers nor looks at a clock. */
    public function test_it_remembers_nothing(): void
    {
        $one = $this->seeded(3);
        $first = $this->answers($one);
        usleep(2000);
        $this->assertEquals($first, $this->answers($one));
    }
}
