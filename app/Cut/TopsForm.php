<?php

declare(strict_types=1);

namespace App\Cut;

use Aequus\Cut\CutMark;
use Aequus\Cut\ShortTop;
use Aequus\Level\InstrumentChoice;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;

/** What the Cut screen says beside its marks: the clearance under the tops, what short posts cost, and how far a line struck on all posts errs. */
final readonly class TopsForm
{
    /** Between the lowest top and the finished ground under it; null until both are known. */
    public ?Length $clearance;

    public ?Post $lowest;

    /** Null where no post is short. */
    public ?ShortTop $short;

    /** What coming down a little would save in stock; null where nothing would. */
    public ?StockSaving $stock;

    /** How far each instrument carries the datum line wrong at the far corner. */
    public InstrumentChoice $transfer;

    /** @var list<CutMark> of posts that are too short, with no decision yet how to make it good */
    public array $open;

    /** How many posts are cut. */
    public int $done;

    /** The side that the tops fall toward, and how steeply; null where they are level. */
    public ?Slope $fall;

    public ?Side $fallsToward;

    /** Over which a fall is typed. */
    public Length $run;

    public function __construct(private SiteState $site)
    {
        $this->run = $site->plan->notation->system()->fallOver;
        $this->open = array_values(
            array_filter($site->cut->short(), fn (CutMark $mark) => $site->decided(DecisionAbout::AcceptShortPost, $mark->post) === null),
        );
        $this->done = count(array_filter($site->plan->grid->posts, $site->cut->isCut(...)));
        [$alongX, $alongY] = [$site->plan->tops->alongX ?? Slope::level(), $site->plan->tops->alongY ?? Slope::level()];
        [$this->fallsToward, $this->fall] = match (true) {
            $alongX->ratio != 0.0 => [Side::alongX(-$alongX->ratio), $alongX],
            $alongY->ratio != 0.0 => [Side::alongY(-$alongY->ratio), $alongY],
            default => [null, null],
        };
        $clearance = $lowest = null;
        foreach ($site->plan->tops === null ? [] : $site->plan->grid->posts as $post) {
            $ground = $site->plan->footing->finishedGrade ?? $site->level->groundAt($post);
            $over = $ground === null ? null : $site->plan->tops?->topOf($post)->minus($ground);
            if ($over !== null && ($clearance === null || $over->isShorterThan($clearance))) {
                [$clearance, $lowest] = [$over, $post];
            }
        }
        [$this->clearance, $this->lowest] = [$clearance, $lowest];
        $short = $site->cut->short();
        $this->short = $short === [] || $clearance === null ? null : new ShortTop($short, $clearance);
        $this->stock = StockSaving::in($site);
        $this->transfer = new InstrumentChoice($site->plan, $site->plan->notation->system()->board);
    }

    /** What a face is called where its post looks askew and has names of its own; empty where they are those of the job. */
    public function ownName(CutMark $mark, Side $face): string
    {
        $own = $this->site->plan->sidesOf($mark->post->id)->nameOf($face);

        return $own === $this->site->plan->sides->nameOf($face) ? '' : $own;
    }

    /** How far the tops fall over the run; null where they are level. */
    public function fallOverRun(): ?Length
    {
        return $this->fall === null ? null : $this->run->times(abs($this->fall->ratio));
    }

    /** Rows with a height of their own, as they are typed: row and height. */
    public function rows(): string
    {
        [$rows, $plan] = [[], $this->site->plan];
        foreach ($plan->grid->rows->lines as $i => $line) {
            if (isset($plan->tops->rows[$line->id])) {
                $rows[] = ($i + 1).' '.$plan->write($plan->tops->rows[$line->id]);
            }
        }

        return implode('; ', $rows);
    }

    /** The highest finished ground at a post, from which a clearance counts upward; zero while none is read. */
    public static function highestGrade(SiteState $site): Length
    {
        $highest = $site->level->high === null ? Length::zero() : $site->level->groundAt($site->level->high) ?? Length::zero();

        return $site->plan->footing->finishedGrade ?? $highest;
    }
}
