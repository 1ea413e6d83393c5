<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Keeping\DataFolder;
use App\Keeping\Gate;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/** No request is under way while other data is put in force, and each works on the data that is in force when it comes in. */
final class HonourGate
{
    /** Seconds after which a page may ask again. */
    private const AGAIN = 5;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $data = DataFolder::current();
        $gate = Gate::pass($data) ?? throw new ServiceUnavailableHttpException(self::AGAIN);
        try {
            $data->use();

            return $next($request);
        } finally {
            $gate->leave();
        }
    }
}
