<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Plan\Posts\Post;
use Aequus\Site\FaceByRule;
use Aequus\Site\SiteState;
use Aequus\Thing\Terms\InBand;
use Aequus\Words\PageWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;

/** How a face that a rule keeps off an edge stands to its band, in one line. */
final readonly class FaceLine
{
    public Sentence $words;

    /** fits, off, or to-pull where it was not measured yet. */
    public string $state;

    /** Whose place may be taken as it is, with a reason. */
    public Post $post;

    /** What it is too near to or too far from. */
    public string $thing;

    public bool $isOut;

    private function __construct(FaceByRule $face, SiteState $site)
    {
        $asRead = $face->asRead();
        $this->post = $face->post;
        $this->thing = $face->edge->name;
        $this->isOut = $asRead !== null && $asRead->verdict !== InBand::Within;
        $this->state = match ($asRead?->verdict) {
            null => 'to-pull', InBand::Within => 'fits', default => 'off'
        };
        $this->words = (new Speech($site->plan))->page(
            PageWords::of(match ($asRead?->verdict) {
                null => 'thing.face.not_measured', InBand::Within => 'thing.face.within', InBand::Below => 'thing.face.too_near', InBand::Above => 'thing.face.too_far'
            }),
            line: $face->edge->name, setback: $asRead?->setback, least: $face->band->least, most: $face->band->most, by: $asRead?->outBy(),
        );
    }

    /** Null for a job without such a rule. */
    public static function of(SiteState $site): ?self
    {
        $face = FaceByRule::of($site);

        return $face === null ? null : new self($face, $site);
    }
}
