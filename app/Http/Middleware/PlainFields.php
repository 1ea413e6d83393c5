<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every field of this application is one line of text, but for the customs. Lists in place of one, bytes that are no text, and forms that another
 * site sends are nobody’s typing: they are turned away, and nobody is led elsewhere by what a request says it came from.
 */
final class PlainFields
{
    private const LISTS = ['customs'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(self::isText(rawurldecode($request->getPathInfo())), 400);
        foreach ([$request->query, $request->request] as $fields) {
            foreach ($fields->all() as $name => $value) {
                abort_unless(self::isPlain($value, in_array($name, self::LISTS, true)) && self::isText((string) $name), 400);
            }
        }
        foreach (['referer', 'origin'] as $said) {
            $from = $request->headers->get($said);
            if ($from !== null && $from !== '' && ! self::isOurs($request, $from)) {
                // A link from elsewhere may lead here, a form may not.
                abort_unless($request->isMethodSafe(), 403);
                $request->headers->remove($said);
            }
        }

        return $next($request);
    }

    private static function isPlain(mixed $value, bool $mayBeList): bool
    {
        return is_array($value) ? $mayBeList && array_filter($value, fn (mixed $one) => ! self::isPlain($one, false)) === []
            : ! is_string($value) || self::isText($value);
    }

    private static function isText(string $value): bool
    {
        return mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0");
    }

    private static function isOurs(Request $request, string $from): bool
    {
        if (preg_match('#^/(?!/)#', $from) === 1) {
            return true;
        }
        $at = parse_url($from);
        $host = is_array($at) ? ($at['host'] ?? '').(isset($at['port']) ? ":{$at['port']}" : '') : '';

        return is_array($at) && in_array($at['scheme'] ?? '', ['http', 'https'], true) && $host === $request->getHttpHost();
    }
}
