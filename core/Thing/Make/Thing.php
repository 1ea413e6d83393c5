<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Measure\Refusal;
use Aequus\Plan\JobKind;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\Heard;

/** A kind of thing that stands on posts: what is asked of it, and what the answers come to. */
interface Thing
{
    public function kind(): JobKind;

    /** @return non-empty-list<Asked> in the order they are asked */
    public function asks(): array;

    /** @return non-empty-list<WorkStep> in which order it is built, beside what every job has */
    public function order(Heard $heard): array;

    /** @throws Refusal naming what can’t be, a ThingRefused with the question it belongs to */
    public function make(Heard $heard): Made;
}
