<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Footing\Holes\HoleOptions;
use Aequus\Footing\Holes\SoilSurprise;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostRole;
use Aequus\Site\ShortenedPosts;
use Aequus\Site\SiteState;
use Aequus\Words\EntryWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;

/** How deep each hole goes and which holes wait for an answer: what the pages of depths and of digging place. */
final readonly class DepthsPage
{
    /** @var list<HoleAsDug> too shallow and not yet settled */
    public array $short;

    /** @var list<HoleAsDug> too shallow and taken as they are, with a reason */
    public array $taken;

    /** The deepest by the rules; null until rules are decided and the ground is read. */
    public ?RequiredDepth $longest;

    /** @var list<HoleOptions> for the holes that did not come out as planned and wait for an answer */
    public array $answers;

    /** @var list<SoilSurprise> that nobody has answered yet */
    public array $surprises;

    /** @param  string  $sideways  a depth for a load from the side that the load sheet sends here */
    public function __construct(private SiteState $site, public string $sideways = '')
    {
        $short = $taken = $answers = [];
        foreach ($site->walk() as $post) {
            $hole = $site->footing->asDug($post);
            if ($hole === null) {
                continue;
            }
            $isSettled = $site->isShortHoleSettled($post);
            if (! $hole->serves()) {
                $isSettled ? $taken[] = $hole : $short[] = $hole;
            }
            $changesSoil = $hole->soil !== null && $site->decided(DecisionAbout::KeepHolding, $post) === null;
            if (! $isSettled && ! $site->standing($post)->set && (! $hole->serves() || $hole->found !== null || $changesSoil)) {
                $answers[] = new HoleOptions($site->plan, $hole, ShortenedPosts::in($site)?->left());
            }
        }
        [$this->short, $this->taken] = [$short, $taken];
        $this->answers = array_values(array_filter($answers, fn (HoleOptions $answer) => $answer->options !== []));
        $this->surprises = array_values(array_filter($site->footing->surprises(), fn (SoilSurprise $one) => $site->isOpen($one)));
        $longest = null;
        foreach ($site->footing->depths->required ?? [] as $required) {
            $longest = $longest === null || $required->holeDepth()->isLongerThan($longest->holeDepth()) ? $required : $longest;
        }
        $this->longest = $longest;
    }

    /** @return list<Sentence> what was decided against a rule of depth, as it stands in the book: a hole that is deep enough may rest on it */
    public function leftAside(): array
    {
        $words = new EntryWords($this->site);
        $against = array_filter(
            $this->site->log->now(Decision::class), fn (Decision $decision) => in_array($decision->about, DecisionAbout::waivers(), true),
        );

        return array_values(array_map($words->say(...), $against));
    }

    /** @param  list<HoleAsDug>  $holes */
    public function labels(array $holes): string
    {
        return (string) (new Speech($this->site->plan))->list(...array_map(fn (HoleAsDug $hole) => $hole->required->post, $holes));
    }

    /** Labels of the posts that have a task of their own, as they are typed. */
    public function posts(PostRole $role): string
    {
        $roles = $this->site->plan->footing->roles ?? ByPost::none();
        $with = array_filter($this->site->plan->grid->posts, fn (Post $post) => ($roles[$post] ?? null) === $role);

        return implode(' ', array_map(fn (Post $post) => $post->label, $with));
    }
}
