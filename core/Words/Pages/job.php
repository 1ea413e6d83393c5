<?php

declare(strict_types=1);

/** What the job pages say. */
return [
    'index.keeps_none' => 'This browser keeps no pages from here: where there is no signal there is none.',
    'index.jobs_put_away' => 'Jobs put away',
    'index.the_bin' => 'The bin',
    'index.where_jobs_lie' => 'Where jobs lie',
    'index.at_hand' => 'At hand',
    'index.in_the_bin' => 'In the bin',
    'index.find' => 'Find',
    'index.copy_of' => 'Copy of {copy_of}',
    'index.post' => 'post',
    'index.stands_at' => 'Stands at {what}',
    'index.handed_over' => 'Handed over',
    'index.no_job_here_is_called' => 'No job here is called so.',
    'index.no_job_yet_plan_the' => 'No job yet. Plan the first one: what stands on the posts, how far apart they are, and where the tape is held.',
    'index.nothing_lies_here' => 'Nothing lies here.',
    'index.nothing_is_left' => 'Nothing is left to do',
    'index.takes_longer' => 'A large job: where it stands is being worked out. Open it to see at once.',
];
