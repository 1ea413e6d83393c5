<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Words\Names;
use BackedEnum;

/** What a field offers to choose from: what is sent, and what people call it. */
final class Choices
{
    /**
     * @param  list<BackedEnum>  $cases
     * @param  string  $said  with the name at %s
     * @return array<int|string, string>
     */
    public static function of(array $cases, string $said = '%s'): array
    {
        return array_combine(array_column($cases, 'value'), array_map(fn (BackedEnum $case) => sprintf($said, Names::of($case)), $cases));
    }

    /**
     * The four sides by their names on the site.
     *
     * @param  string  $said  with the name at %s
     * @param  ?list<Side>  $among  these only
     * @return array<string, string>
     */
    public static function sides(SideNames $names, string $said = '%s', ?array $among = null): array
    {
        $sides = $among ?? Side::cases();

        return array_combine(array_column($sides, 'value'), array_map(fn (Side $side) => sprintf($said, $names->nameOf($side)), $sides));
    }

    /**
     * @param  list<Post>  $posts
     * @return array<string, string>
     */
    public static function posts(array $posts): array
    {
        $labels = array_map(fn (Post $post) => $post->label, $posts);

        return array_combine($labels, $labels);
    }
}
