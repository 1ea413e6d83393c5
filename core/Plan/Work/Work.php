<?php

declare(strict_types=1);

namespace Aequus\Plan\Work;

/** What is asked once about the work: who is there, how long it shall stand, and what posts are made of. */
final readonly class Work
{
    public function __construct(
        public Crew $crew = Crew::WithHelp,
        public Lasting $lasting = Lasting::Stays,
        public Timber $timber = Timber::WetTreated,
        public Make $make = Make::Sawn,
    ) {
    }
}
