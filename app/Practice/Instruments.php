<?php

declare(strict_types=1);

namespace App\Practice;

use Aequus\Guide\Move\Move;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use App\World\LevelAndRod;
use App\World\PlumbLevel;
use App\World\StandIn;
use App\World\Tape;

/** The instruments of the door to the outside, each for the moves that ask for its reading. */
final readonly class Instruments
{
    public function __construct(private Tape $tape, private LevelAndRod $level, private PlumbLevel $plumb)
    {
    }

    /** Who reads what a move asks for; null where no instrument does. */
    public function of(?Move $move): ?StandIn
    {
        return match ($move?->asks) {
            EntryKind::Tape, EntryKind::StringOffset, EntryKind::LineOffset, EntryKind::Hole, EntryKind::Top => $this->tape,
            EntryKind::Rod => $this->level,
            EntryKind::Plumb => $this->plumb,
            default => null,
        };
    }

    /** What it reads; null where nobody can know. */
    public function read(SiteState $site, Move $move): ?Payload
    {
        $post = $move->posts[0] ?? null;

        return match ($move->asks) {
            EntryKind::Rod => new RodReading($post?->id, $this->level->rod($site, $post, $move->setUp ?? ''), $move->setUp ?? ''),
            EntryKind::Tape => count($move->posts) === 2 ? new TapeReading(
                $move->posts[0]->id, $move->posts[1]->id, $this->tape->reads($site, Wanted::tape(...$move->posts)), $site->plan->layout->tape,
            ) : null,
            EntryKind::StringOffset => count($move->posts) === 3 ? $this->string($site, ...$move->posts) : null,
            EntryKind::LineOffset => $post === null || $move->line === null ? null
                : new LineReading($post->id, $this->tape->reads($site, Wanted::line($post, $move->line)), $move->line->id, $site->plan->layout->tape),
            EntryKind::Hole => $this->hole($site, $post),
            EntryKind::Top => $this->top($site, $post),
            EntryKind::Plumb => $post === null ? null : $this->lean($site, $post),
            default => null,
        };
    }

    private function string(SiteState $site, Post $stake, Post $from, Post $to): StringReading
    {
        $wanted = Wanted::string($site->plan, $stake, $from, $to);

        return new StringReading($stake->id, $from->id, $to->id, $this->tape->reads($site, $wanted), $wanted->ran());
    }

    private function hole(SiteState $site, ?Post $post): ?HoleDug
    {
        $depth = $post === null ? null : $this->tape->depth($site, $post);

        return $post === null || $depth === null ? null : new HoleDug($post->id, $depth);
    }

    private function top(SiteState $site, ?Post $post): ?TopMeasured
    {
        $above = $post === null ? null : $this->tape->above($site, $post);

        return $post === null || $above === null ? null : new TopMeasured($post->id, $above);
    }

    /** On the face that is next, or the first anew. */
    private function lean(SiteState $site, Post $post): PlumbReading
    {
        $stands = $site->standing($post);
        $face = $stands->nextFace() ?? (array_values($stands->byFace)[0]->face ?? Side::MinusY);
        $gap = $this->plumb->gap($site, $post, $face);

        return PlumbReading::gap(
            $post->id, $face, $gap->isNegative() ? $face->opposite() : $face, $gap->magnitude(), $this->plumb->length($site), $stands->stageNow(),
        );
    }
}
