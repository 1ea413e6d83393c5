<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Soil other than was assumed opens width and way of holding again, before more holes are dug or anything is put in. */
final readonly class WeighHoldingAgain implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->footing->surprises() as $surprise) {
            if (! $site->isOpen($surprise)) {
                continue;
            }
            $post = $surprise->hole->required->post;
            yield new Move(
                Phase::Footing, 'Weigh width and way of holding again',
                "At the bottom {$surprise->found->inWords()} was found at {$post->label}, {$surprise->assumed->inWords()} was assumed. "
                    .($surprise->better === null ? 'It carries less, so the foot must be wider.' : ucfirst("{$surprise->better->inWords()} suits it best now.")).' Decide anew for the soil there is, or keep both with a reason.',
                null, '', [$post], EntryKind::Decision,
            );
        }
    }
}
