<?php

declare(strict_types=1);

namespace Tests;

/** Of every worked case that a test is given, every figure that it expects is compared. */
trait ComparesAll
{
    protected function assertPostConditions(): void
    {
        foreach ($this->providedData() as $given) {
            $this->assertSame([], $given instanceof Expected ? $given->notRead() : [], 'expected, and compared with nothing');
        }
    }
}
