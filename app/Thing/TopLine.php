<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Site\SiteState;
use Aequus\Site\TopByRule;
use Aequus\Thing\Terms\InBand;
use Aequus\Words\PageWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;

/** How what a rule keeps at a height over a road stands to its band, in one line. */
final readonly class TopLine
{
    public Sentence $words;

    /** fits, off, or to-pull where it was not measured yet. */
    public string $state;

    private function __construct(TopByRule $top, SiteState $site)
    {
        $verdict = $top->verdict();
        $this->state = match ($verdict) {
            null => 'to-pull', InBand::Within => 'fits', default => 'off'
        };
        $this->words = (new Speech($site->plan))->page(
            PageWords::of(match ($verdict) {
                null => 'thing.top.not_measured', InBand::Within => 'thing.top.within', InBand::Below => 'thing.top.too_low', InBand::Above => 'thing.top.too_high'
            }),
            line: $top->edge->name, height: $top->height(), least: $top->band->least, most: $top->band->most, by: $top->change()?->magnitude(),
        );
    }

    /** Null for a job without such a rule. */
    public static function of(SiteState $site): ?self
    {
        $top = TopByRule::of($site);

        return $top === null ? null : new self($top, $site);
    }
}
