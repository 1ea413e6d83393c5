<?php

declare(strict_types=1);

/** What the site pages say. */
return [
    'job_site.the_benchmark' => 'the benchmark: {name}',
    'read_site.survey' => 'survey.{id}',
];
