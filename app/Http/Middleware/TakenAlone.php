<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exchange\Csv;
use App\Exchange\PageParts;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/** Any table of any page as a table file, and any drawing as a picture: the page’s own address with “?table=2” or “?drawing=1” behind it. */
final class TakenAlone
{
    public function handle(Request $request, Closure $next): AnyResponse
    {
        $response = $next($request);
        [$table, $drawing] = [(int) $request->query('table'), (int) $request->query('drawing')];
        if (($table < 1 && $drawing < 1) || ! $request->isMethod('GET') || ! $response instanceof Response || $response->getStatusCode() !== 200
            || ! str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            return $response;
        }
        $parts = new PageParts((string) $response->getContent());
        $name = Str::slug(strip_tags((string) Str::of((string) $response->getContent())->between('<title>', '</title>')));
        if ($table > 0) {
            $lines = $parts->table($table);

            return $lines === null ? $response->setStatusCode(404)
                : response(Csv::write($lines), headers: self::as('text/csv; charset=utf-8', "{$name}-{$table}.csv"));
        }
        $svg = $parts->drawing($drawing, self::styles());

        return $svg === null ? $response->setStatusCode(404) : response($svg, headers: self::as('image/svg+xml', "{$name}-{$drawing}.svg"));
    }

    /** @return array<string, string> */
    private static function as(string $type, string $name): array
    {
        return ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""];
    }

    /** Of all pages, without letters that lie beside them. */
    private static function styles(): string
    {
        return (string) preg_replace('/@font-face\s*\{[^}]*\}/', '', Vite::content('resources/css/app.css'));
    }
}
