<?php

declare(strict_types=1);

use Aequus\Measure\Refusal;
use Aequus\Words\Speech;
use App\Http\Middleware\HonourGate;
use App\Http\Middleware\PlainFields;
use App\Http\Middleware\SecurityHeaders;
use App\Keeping\StoreFault;
use App\Picture\PictureRefused;
use App\Type\Say;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware) {
        $middleware->remove(HandleCors::class);
        // Every answer carries the headers, those too that are given before a page is reached.
        $middleware->prepend([SecurityHeaders::class, PlainFields::class, HonourGate::class]);
        $middleware->trustHosts(at: fn () => array_map(fn (string $host) => '^'.preg_quote($host).'$', (array) config('aequus.hosts')), subdomains: false);
        $middleware->redirectGuestsTo(fn () => route('sign-in'));
        $middleware->redirectUsersTo(fn () => route('jobs'));
    })
    ->withExceptions(function (Exceptions $exceptions) {
        $exceptions->dontReport(Refusal::class);
        // What waited in a page's outbox is answered in words too, so that it can stay there with the reason.
        $exceptions->render(fn (Refusal $refusal, Request $request) => $request->expectsJson() ? response()->json(['message' => (string) (new Speech)->say($refusal->fact)], 422) : back()->withInput()->withErrors(['refused' => (string) (new Speech)->say($refusal->fact)]));
        // The disk’s fault, not ours: told in words, with a status that lets a page keep what was typed and send it again.
        $exceptions->render(function (PDOException $failure, Request $request) {
            $fault = StoreFault::of($failure);
            $says = $fault === null ? '' : Say::text("page.error.{$fault->value}_why");

            return match (true) {
                $fault === null => null,
                $request->expectsJson() => response()->json(['message' => $says], 503),
                default => response()->view('errors.page', ['what' => $fault->value], 503),
            };
        });
        // What was typed survives a token that ran out and a sign-in that expired.
        $exceptions->render(function (HttpException $failure, Request $request) {
            return $failure->getPrevious() instanceof TokenMismatchException && ! $request->expectsJson()
                ? back()->withInput($request->except(['password', '_token']))->withErrors(['refused' => Say::text('answers.page_open_too_long')])
                : null;
        });
        // Nothing of it arrived, not even the session: the answer is a page of its own, with the way back.
        $exceptions->render(fn (PostTooLargeException $failure, Request $request) => response()->view('too-large', ['says' => (string) (new Speech)->say(PictureRefused::tooLarge()->fact), 'back' => str_starts_with((string) $request->headers->get('referer'), $request->root()) ? $request->headers->get('referer') : '/'], 413));
        $exceptions->render(function (AuthenticationException $failure, Request $request) {
            if ($request->isMethod('POST') && ! $request->expectsJson()) {
                // With scripts the page’s own outbox keeps it, and sends it once.
                if (! $request->headers->has('HX-Request')) {
                    session()->put('kept.input', $request->except(['_token', 'password']));
                }
                session()->put('url.intended', url()->previous());
            }

            return null;
        });
    })
    ->create();
