<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/**
 * How deep the foot of a standing post is by the line on it, against what its hole says: a hole that fell in, or a line drawn wrong, shows
 * here and nowhere else.
 */
final readonly class FootByLine
{
    /** What rough ground at a post hides, mm: nobody reads a line on it closer. */
    private const ROUGH = 15;

    /** Within which two readings say the same, mm. */
    private const ALIKE = 10;

    /**
     * @param  Length  $embedded  of the foot under today’s ground, by its line
     * @param  ?Length  $byHole  the same by the hole as dug; null where it was not measured
     * @param  ?Length  $least  the same that every rule asks for at least; null where that is not known
     * @param  bool  $confirmed  whether the line was read twice alike since the post was set
     * @param  bool  $settled  whether somebody took the foot as it is, or as an engineer says, after the line was read
     */
    private function __construct(public Length $embedded, public ?Length $byHole, public ?Length $least, public bool $confirmed, public bool $settled)
    {
    }

    /** @return ByPost<self> of every post on which a line was read; a log of thousands is gone through for those alone */
    public static function all(SiteState $site): ByPost
    {
        $read = $site->log->newest(EmbedmentLine::class);

        return ByPost::each($site->plan->grid->posts, fn (Post $post) => isset($read[$post]) ? self::of($site, $post) : null);
    }

    /** Null where no line was read since the post was set, or no foot of a post is in the ground. */
    public static function of(SiteState $site, Post $post): ?self
    {
        $set = $site->log->newestEntry(PostSet::class, $post->id);
        $entries = $set === null ? [] : $site->log->since(EmbedmentLine::class, $post->id, $set);
        $reads = array_values(array_filter(
            array_map(fn (Entry $entry) => $entry->payload, $entries), fn (Payload $read) => $read instanceof EmbedmentLine,
        ));
        if ($reads === [] || ! $site->plan->holdOf($post->id)->isBuried()) {
            return null;
        }
        $last = $reads[count($reads) - 1]->embedded();
        $isAlike = fn (EmbedmentLine $read) => ! $read->embedded()->minus($last)->magnitude()->isLongerThan(Length::millimetres(self::ALIKE));
        $alike = array_filter($reads, $isAlike);
        $required = $site->footing->required($post);
        $foot = $site->footing->asDug($post)?->foot;

        return new self(
            $last, $foot === null || $required === null ? null : $required->need->ground->minus($foot),
            $required === null ? null : $required->need->ground->minus($required->highest->level), count($alike) > 1,
            $site->decidedSince($entries[count($entries) - 1], $post, [DecisionAbout::AcceptShortHole, DecisionAbout::AsEngineerSays]),
        );
    }

    /** Whether hole and line can’t both be right. */
    public function isContradicted(): bool
    {
        return $this->byHole !== null && $this->embedded->minus($this->byHole)->magnitude()->isLongerThan(Length::millimetres(self::ROUGH));
    }

    /** How much the foot lacks to what every rule asks for; zero where it is deep enough, or nobody knows. */
    public function shortBy(): Length
    {
        $short = $this->least?->minus($this->embedded);

        return $short !== null && $short->isLongerThan(Length::millimetres(self::ROUGH)) ? $short : Length::zero();
    }
}
