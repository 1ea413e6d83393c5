<?php

declare(strict_types=1);

namespace App\Cut;

use Aequus\Cut\CutRefused;
use Aequus\Cut\RodMark;
use Aequus\Cut\TopHeights;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;

/**
 * Marks at a height on chosen posts, counted from the datum line, from each post's own ground, from one ground, or from the mean of two. Asked in the
 * address.
 */
final readonly class RodMarks
{
    /** Where a height may be counted from. */
    private const FROM = ['datum', 'own', 'one', 'mean', 'point'];

    public string $from;

    /** @var list<RodMark> none until a height is asked */
    public array $marks;

    public function __construct(public QueryForm $sums, private SiteState $site)
    {
        $this->from = in_array($sums->typed('from'), self::FROM, true) ? $sums->typed('from') : 'datum';
        $height = $sums->lengths(['height']);
        $this->marks = $height === null || $site->plan->tops === null ? [] : $sums->attempt('height', fn () => $this->marks($height[0])) ?? [];
    }

    /** @return array<string, string> where a height may be counted from, in words */
    public static function counted(): array
    {
        return array_combine(self::FROM, array_map(fn (string $from) => Say::text("cut.rod_marks.from_{$from}"), self::FROM));
    }

    /** @return array<string, string> names of points that were levelled, by their key */
    public function points(): array
    {
        $points = [];
        foreach ($this->site->level->known as $key => $known) {
            if ($known->point->post === null) {
                $points[$key] = $this->site->level->readings->name($key);
            }
        }

        return $points;
    }

    /** @return list<RodMark> */
    private function marks(Length $height): array
    {
        $plan = $this->site->plan;
        $asked = preg_split('/[\s,;]+/', $this->sums->typed('posts'), flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $posts = $asked === [] ? $plan->grid->posts : ($this->sums->attempt('posts', fn () => array_map($plan->grid->labelled(...), $asked)) ?? []);
        $ground = fn (Post $post): ?Length => $plan->footing->finishedGrade ?? $this->site->level->groundAt($post);
        $marks = [];
        foreach ($posts as $post) {
            $zero = $this->zero($post, $ground);
            $at = $zero?->plus($height);
            if ($at === null || $plan->tops === null) {
                continue;
            }
            $own = $ground($post);
            if ($own !== null && $at->isShorterThan($own)) {
                throw CutRefused::markBelowGround($post);
            }
            $marks[] = new RodMark($post, $at, $plan->tops->datumLine, $own === null ? null : $at->minus($own));
        }

        return $marks;
    }

    /** @param  callable(Post): ?Length  $ground */
    private function zero(Post $post, callable $ground): ?Length
    {
        $at = fn (string $field): ?Length => ($named = $this->sums->attempt($field, fn () => $this->site->plan->grid->labelled($this->sums->typed($field)))) === null
                ? null : $ground($named);

        return match ($this->from) {
            'own' => $ground($post),
            'one' => $at('one'),
            'mean' => ($one = $at('one')) === null || ($other = $at('other')) === null ? null
                : TopHeights::aboveMeanGround(Length::zero(), $one, $other),
            'point' => ($this->site->level->known[$this->sums->typed('point')] ?? null)?->height,
            default => $this->site->plan->tops?->datumLine,
        };
    }
}
