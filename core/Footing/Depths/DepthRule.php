<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Fact\Named;

/** The rule that makes a hole as deep as it must be. */
enum DepthRule: string implements Named
{
    case Frost = 'frost';
    case Embedment = 'embedment';
    case EmbedmentToday = 'embedment_today';
    case LocalMinimum = 'local_minimum';
    case MakerMinimum = 'maker_minimum';
    case Sideways = 'sideways';
    case Role = 'role';
    case CommonPlane = 'common_plane';
    case Asked = 'asked';

    public function inWords(): string
    {
        return match ($this) {
            self::Frost => 'frost line and margin',
            self::Embedment => 'least embedment below finished grade',
            self::EmbedmentToday => 'least embedment in today’s ground',
            self::LocalMinimum => 'local minimum',
            self::MakerMinimum => 'maker’s minimum',
            self::Sideways => 'load from the side',
            self::Role => 'deeper for its role',
            self::CommonPlane => 'its feet share one plane',
            self::Asked => 'the plane asked for',
        };
    }
}
