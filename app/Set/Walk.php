<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Logbook\Kind\Stage;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;

/** A walk round all posts for one thing, in walking order: who is next, and how many are done. */
final readonly class Walk
{
    private const KINDS = ['standing', 'plumb', 'after_fill', 'filled'];

    public string $what;

    public ?Post $next;

    public int $done;

    public int $of;

    public function __construct(private SiteState $site, string $what)
    {
        $this->what = in_array($what, self::KINDS, true) ? $what : 'plumb';
        $concerned = array_values(array_filter($this->what === 'standing' ? $site->buildOrder() : $site->walk(), $this->concerns(...)));
        $left = array_values(array_filter($concerned, fn (Post $post) => ! $this->isDone($post)));
        [$this->of, $this->done, $this->next] = [count($concerned), count($concerned) - count($left), $left[0] ?? null];
    }

    /** @return list<self> every kind of round */
    public static function all(SiteState $site): array
    {
        return array_map(fn (string $what) => new self($site, $what), self::KINDS);
    }

    public function inWords(): string
    {
        return match ($this->what) {
            'standing' => Say::text('set.walk.standing_the_posts'),
            'after_fill' => Say::text('set.walk.plumb_after_the_fill'),
            'filled' => Say::text('set.walk.filling'),
            default => Say::text('set.walk.plumb_before_the_fill'),
        };
    }

    private function concerns(Post $post): bool
    {
        $stands = $this->site->standing($post);

        return match ($this->what) {
            'standing' => $this->site->footing->measured($post) !== null,
            'after_fill' => $stands->set && $this->site->isFilled($post),
            default => $stands->set,
        };
    }

    private function isDone(Post $post): bool
    {
        $stands = $this->site->standing($post);
        $known = fn (Stage $stage): bool => $stands->leanAt($stage)?->isHalfKnown() === false;

        return match ($this->what) {
            'standing' => $stands->set,
            'filled' => $this->site->isFilled($post),
            'after_fill' => $known(Stage::Filled) || $known(Stage::Hardened),
            default => $known(Stage::HoleOpen) || $known(Stage::Lift) || $this->site->isFilled($post),
        };
    }
}
