<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Plan\Posts\PostId;
use LogicException;

/** Of whom a line speaks: nobody for the whole job, one post, or two of which one may be the benchmark. */
final readonly class Whom
{
    /** @param  list<?PostId>  $ends  null for the benchmark */
    public function __construct(public array $ends)
    {
    }

    public function post(): PostId
    {
        return $this->postOrNone() ?? throw new LogicException('A line about a post names one.');
    }

    public function postOrNone(): ?PostId
    {
        return $this->ends[0] ?? null;
    }

    /**
     * @return array{PostId, PostId}
     *
     * @throws EntryRefused when one of the two is the benchmark
     */
    public function two(): array
    {
        return isset($this->ends[0], $this->ends[1]) ? [$this->ends[0], $this->ends[1]] : throw EntryRefused::lineFromTheBench();
    }
}
