<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Where somebody is signed in, as the files of the sessions tell it: each knows its person, and since when and from what it is. */
final readonly class SignIns
{
    public const SINCE = 'signed_in.since';

    public const FROM = 'signed_in.from';

    /** Notes in a new session what it is, so that its person knows it again. */
    public static function note(Request $request): void
    {
        $request->session()->put([
            self::SINCE => CarbonImmutable::now('UTC')->getTimestamp(),
            self::FROM => mb_substr(self::device($request->userAgent() ?? '').', '.$request->ip(), 0, 120),
        ]);
    }

    /** @return list<array{from: string, since: CarbonImmutable, seen: CarbonImmutable, isHere: bool}> the one that asks first, then the last seen */
    public static function of(User $user, string $here): array
    {
        $all = [];
        foreach (self::files($user) as $file => $session) {
            $since = $session[self::SINCE] ?? null;
            $all[] = [
                'from' => is_string($session[self::FROM] ?? null) ? $session[self::FROM] : '',
                'since' => CarbonImmutable::createFromTimestamp(is_int($since) ? $since : (int) filemtime($file)),
                'seen' => CarbonImmutable::createFromTimestamp((int) filemtime($file)), 'isHere' => basename($file) === $here,
            ];
        }
        usort($all, fn (array $one, array $other) => [$other['isHere'], $other['seen']] <=> [$one['isHere'], $one['seen']]);

        return $all;
    }

    /** @return int how many were ended */
    public static function endAllBut(User $user, string $here): int
    {
        $ended = 0;
        foreach (array_keys(self::files($user)) as $file) {
            $ended += basename($file) !== $here && @unlink($file) ? 1 : 0;
        }

        return $ended;
    }

    /** @return array<string, array<string, mixed>> by file, what is flat in each */
    private static function files(User $user): array
    {
        $folder = config('session.files');
        $guard = Auth::guard('web');
        assert($guard instanceof SessionGuard);
        $mine = [];
        foreach (is_string($folder) ? glob("{$folder}/*") ?: [] : [] as $file) {
            $session = @unserialize((string) @file_get_contents($file), ['allowed_classes' => false]);
            if (is_array($session) && ($session[$guard->getName()] ?? null) === $user->id) {
                $signedIn = is_array($session['signed_in'] ?? null) ? $session['signed_in'] : [];
                $mine[$file] = [self::SINCE => $signedIn['since'] ?? null, self::FROM => $signedIn['from'] ?? null];
            }
        }

        return $mine;
    }

    /** In a few words, from what a browser says of itself. */
    private static function device(string $agent): string
    {
        preg_match('/\b(Android|iPhone|iPad|Windows|Macintosh|Linux)\b/', $agent, $system);
        // Each also names those it descends from: the youngest first.
        $browser = array_values(array_filter(['Edg', 'OPR', 'Firefox', 'Chrome', 'Safari'], fn (string $name) => str_contains($agent, $name)))[0]
            ?? '';

        return trim($browser.' '.($system[1] ?? '')) ?: '?';
    }
}
