<?php

declare(strict_types=1);

namespace App\Site;

use App\Practice\MadeUp;

/** Where what a job says comes from, as far as it is not what somebody measured on its site: every page and every sheet says so. */
final readonly class Provenance
{
    public function __construct(private JobSite $site)
    {
    }

    /** @return list<string> */
    public function lines(): array
    {
        return array_values(array_filter([$this->site->job->cameInLine(), $this->site->job->copyLine(), MadeUp::line($this->site->state)]));
    }
}
