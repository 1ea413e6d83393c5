<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\WholeSessions;
use App\Database\WriteLockConnector;
use App\Demo\DemoTape;
use App\Demo\SimulatedTape;
use App\Models\Job;
use App\Network\Addresses;
use App\Policies\JobPolicy;
use App\Type\Say;
use App\World\CodeDesk;
use App\World\Inspector;
use App\World\LevelAndRod;
use App\World\LevelBetween;
use App\World\MadeUpSite;
use App\World\MarkingDesk;
use App\World\PlumbLevel;
use App\World\SimulatedCodeDesk;
use App\World\SimulatedInspector;
use App\World\SimulatedMarkingDesk;
use App\World\SimulatedWeather;
use App\World\SimulatedYard;
use App\World\Supplier;
use App\World\Tape;
use App\World\TotalStation;
use App\World\WeatherStation;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\ViewErrorBag;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', WriteLockConnector::class);
        $this->app->bind(Addresses::class, fn () => Addresses::ofThisMachine());
        $this->app->bind(WeatherStation::class, fn () => new SimulatedWeather((int) config('aequus.demo_seed')));
        $this->app->bind(MarkingDesk::class, fn () => new SimulatedMarkingDesk((int) config('aequus.demo_seed')));
        $this->app->bind(CodeDesk::class, fn () => new SimulatedCodeDesk);
        $this->app->bind(Inspector::class, fn () => new SimulatedInspector((int) config('aequus.demo_seed')));
        $this->app->bind(Supplier::class, fn () => new SimulatedYard((int) config('aequus.demo_seed')));
        if (config('aequus.mode') === 'demo') {
            $this->app->bind(
                Tape::class,
                fn () => new DemoTape(new SimulatedTape((int) config('aequus.demo_seed')), new MadeUpSite((int) config('aequus.demo_seed'))),
            );
        }
        foreach ([Tape::class, LevelAndRod::class, LevelBetween::class, PlumbLevel::class, TotalStation::class] as $instrument) {
            $this->app->bindIf($instrument, fn () => new MadeUpSite((int) config('aequus.demo_seed')));
        }
    }

    public function boot(): void
    {
        TrustProxies::at(array_values((array) config('aequus.proxies')));
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        Gate::policy(Job::class, JobPolicy::class);
        $this->compileSmallTags();
        Session::extend('file', fn ($app) => new WholeSessions($app['files'], (string) config('session.files'), (int) config('session.lifetime')));
        View::share('say', new Say);
        RateLimiter::for('sign-in', fn (Request $request) => Limit::perMinute(6)->by(
            mb_strtolower((string) $request->input('email')).'|'.$request->ip(),
        )->response(fn (Request $request, array $headers) => self::tooMany($request)->withHeaders($headers)));
    }

    /** The same page with what was typed, but for the password; it says so to machines too. */
    private static function tooMany(Request $request): Response
    {
        if (! $request->is('sign-in')) {
            return response()->view('errors.page', ['what' => 'too_many'], 429);
        }
        $request->flashOnly('email');

        Session::now('errors', (new ViewErrorBag)->put('default', new MessageBag(['email' => Say::text('answers.too_many_tries')])));

        return response()->view('account.sign-in', status: 429);
    }

    /** A page of a hundred posts holds hundreds of lengths: these two tags are compiled to the call that their components make. */
    private function compileSmallTags(): void
    {
        Blade::prepareStringsForCompilationUsing(fn (string $view): string => (string) preg_replace(
            ['/<x-length\s+:of="([^"]*)"\s+:plan="([^"]*)"\s*\/>/', '/<x-words\s+:say="([^"]*)"\s*\/>/'],
            ['{!! \\App\\Type\\Typeset::lengthOrNone($2->notation, $1) !!}', '{!! \\App\\Type\\Typeset::sentence($1) !!}'],
            $view,
        ));
    }
}
