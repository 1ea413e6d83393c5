<?php

declare(strict_types=1);

namespace Aequus\Site;

/** What a rule can ask of a post beside the tolerances of its job. `found` is null while nobody measured it. */
enum RuleAsks
{
    /** line, least, most, found */
    case Face;
    /** line, least, most, found */
    case Top;
    /** post, least, found */
    case Foot;
    /** post, line, least, found */
    case Distance;
}
