<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/**
 * For what a page asks for on the side, an echo or a picture: it reads the session and writes nothing back. Else it could overtake a form and
 * wipe out the refusal that form is about to show.
 */
final class LeaveSessionAlone
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $session = $request->session();
        if ($session instanceof Store) {
            $session->setHandler(new NullSessionHandler);
        }

        return $response;
    }
}
