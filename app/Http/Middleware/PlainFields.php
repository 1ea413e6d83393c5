<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every field of this application is one line of text, but for the customs. A list in place of one is nobody’s typing and counts as empty. */
final class PlainFields
{
    private const LISTS = ['customs'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $fields) {
            foreach ($fields->all() as $name => $value) {
                if (is_array($value) && ! in_array($name, self::LISTS, true)) {
                    $fields->remove((string) $name);
                }
            }
        }

        return $next($request);
    }
}
