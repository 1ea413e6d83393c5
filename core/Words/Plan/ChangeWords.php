<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Posts\Post;
use Aequus\Site\PlanChange;

/** What a new plan would do to what is built and recorded, before it is put in force. */
final class ChangeWords
{
    private const MOST_NAMED = 6;

    /** @return list<string> a sentence each; none where nothing of that kind happens */
    public static function say(PlanChange $change): array
    {
        $says = [];
        if ($change->gone !== []) {
            $standing = count($change->standing);
            $says[] = 'It removes '.self::labels($change->gone).': '.($standing === 0 ? ''
                : self::plural(
                    $standing, 'post stands', 'posts stand',
                ).self::filled($standing, count($change->filled)).', ').self::plural($change->entries,
                    'entry', 'entries').'. '
                .($change->entries === 0 ? '' : 'The entries stay in the logbook under their names, and count again when the post comes back.');
        }
        if ($change->moved !== []) {
            $says[] = self::labels($change->moved).(count($change->moved) === 1 ? ' stands already and would have'
                : ' stand already and would have').' to stand elsewhere.';
        }
        if ($change->back !== []) {
            $says[] = self::labels($change->back).(count($change->back) === 1 ? ' comes' : ' come').' back with '.self::plural(
                $change->entriesBack, 'entry', 'entries',
            ).' from before.';
        }

        return array_map(trim(...), $says);
    }

    private static function filled(int $standing, int $filled): string
    {
        return match (true) {
            $filled === 0 => '',
            $filled < $standing => ", {$filled} of them with the hole filled",
            default => $filled === 1 ? ' in a filled hole' : ' in filled holes',
        };
    }

    /** @param  list<Post>  $posts */
    private static function labels(array $posts): string
    {
        $labels = array_map(fn (Post $post) => $post->label, $posts);

        return count($labels) > self::MOST_NAMED
            ? implode(', ', array_slice($labels, 0, self::MOST_NAMED)).' and '.(count($labels) - self::MOST_NAMED).' more' : implode(', ', $labels);
    }

    private static function plural(int $count, string $one, string $many): string
    {
        return $count === 1 ? "1 {$one}" : "{$count} {$many}";
    }
}
