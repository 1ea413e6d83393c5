<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Plan\Layout\StringAt;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;

/** All posts as they stand: who leans, who is filled, and whether strings go to the faces now. */
final readonly class SetPage
{
    /** @var list<StandingRow> in plan order */
    public array $rows;

    public int $set;

    /** @var list<string> labels of the posts that lean too much */
    public array $leaning;

    public function __construct(private SiteState $site)
    {
        $this->rows = array_map(fn (Post $post) => new StandingRow($site, $post), $site->plan->grid->posts);
        $this->set = count(array_filter($this->rows, fn (StandingRow $row) => $row->stands->set));
        $this->leaning = array_map(
            fn (StandingRow $row) => $row->post->label, array_values(array_filter($this->rows, fn (StandingRow $row) => $row->leans)),
        );
    }

    public function title(): string
    {
        if ($this->set === 0) {
            return Say::text('set.set_page.no_post_stands_yet');
        }
        $lean = $this->leaning === [] ? ''
            : '; '.Say::text('set.set_page.leaning', posts: $this->leaning);

        return Say::text('set.set_page.of_posts_stand', set: $this->set, count: count($this->rows), lean: $lean);
    }

    /** Strings that mark centre lines are in the way of posts that are set by their faces. */
    public function stringsGoToTheFaces(): bool
    {
        return $this->set < count($this->rows) && count($this->rows) > 1 && $this->site->plan->layout->strings->at === StringAt::Centre;
    }
}
