<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

/** The rule that makes a hole as deep as it must be. */
enum DepthRule: string
{
    case Frost = 'frost';
    case Embedment = 'embedment';
    case EmbedmentToday = 'embedment_today';
    case LocalMinimum = 'local_minimum';
    case MakerMinimum = 'maker_minimum';
    case Thing = 'thing';
    case Sideways = 'sideways';
    case Role = 'role';
    case CommonPlane = 'common_plane';
    case Asked = 'asked';
    case WholeTube = 'whole_tube';
}
