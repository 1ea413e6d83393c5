<?php

declare(strict_types=1);

namespace Aequus\Footing;

/** The rule that makes a hole as deep as it must be. */
enum DepthRule: string
{
    case Frost = 'frost';
    case Embedment = 'embedment';
    case EmbedmentToday = 'embedment_today';
    case CommonPlane = 'common_plane';
    case Asked = 'asked';

    public function inWords(): string
    {
        return match ($this) {
            self::Frost => 'frost line and margin',
            self::Embedment => 'least embedment below finished grade',
            self::EmbedmentToday => 'least embedment in today’s ground',
            self::CommonPlane => 'its feet share one plane',
            self::Asked => 'the plane asked for',
        };
    }
}
