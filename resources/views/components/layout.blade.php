@use('Aequus\Site\Phase')
@use('Aequus\Words\Handover\HandoverWords')
@use('Aequus\Words\PageWords')
@use('App\Models\Shelf')
@use('App\Site\Provenance')
@use('App\View\Stepper')
@props(['title', 'site' => null, 'phase' => null, 'revision' => null])
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light">
    <meta name="htmx-config"
        content='{"allowEval":false,"includeIndicatorStyles":false,"selfRequestsOnly":true,"historyCacheSize":0,"scrollIntoViewOnBoost":false,
            "timeout":20000}'>
    <title>{{ $say('components.layout.aequus', title: $title, name: $site ? ' · '.$site->job->name : '') }}</title>
    @auth<meta name="aequus-person" content="{{ auth()->id() }}">@endauth
    <link rel="icon" href="/mark.svg" type="image/svg+xml"><link rel="manifest" href="/manifest.webmanifest">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body hx-boost="true" hx-target="#page" hx-select="#page" hx-swap="outerHTML">
<a class="skip" href="#work">{{ $say('components.layout.to_the_work') }}</a>
<div id="page" @if ($site) data-book="{{ $site->state->log->lastSequence() }}" @endif>
    <header class="top">
        <div class="top-row">
            <a class="brand" href="{{ auth()->check() ? route('jobs') : route('sign-in') }}">
                <x-mark /> {{ $say('components.layout.aequus_2') }}
            </a>
            @if ($site)
                <p class="job-name"><b>{{ $site->job->name }}</b> <span>{{ $site->job->place }}</span></p>
            @endif
            @auth
                <nav class="top-links" aria-label="{{ $say('components.layout.account_and_books') }}">
                    @if ($site)
                        <a href="{{ route('days', $site->job) }}" @if ($phase === 'days') aria-current="page" @endif>{{ $say('days.title') }}</a>
                        <a href="{{ route('logbook', $site->job) }}" @if ($phase === 'logbook') aria-current="page"
                            @endif>{{ $say('page.logbook') }}</a>
                        <a href="{{ route('files', $site->job) }}" @if ($phase === 'files') aria-current="page"
                            @endif>{{ $say('files.nav') }}</a>
                    @endif
                    <a href="{{ route('jobs') }}">{{ $say('page.jobs') }}</a>
                    @if (config('aequus.mode') !== 'demo' && ! $site)<a href="{{ route('account') }}">{{ $say('account.show.account') }}</a>@endif
                    <form method="post" action="{{ route('sign-out') }}" hx-boost="false">@csrf<button
                        class="link">{{ $say('components.layout.sign_out') }}</button></form>
                </nav>
            @endauth
        </div>
        @if ($site)
            <x-stepper :stepper="new Stepper($site, $phase instanceof Phase ? $phase : null)" />
        @endif
    </header>
    <main id="work" tabindex="-1">
        <x-notices />
        <p class="copy-of" role="note" hidden data-kept-copy>{{ $say('components.layout.kept_copy') }}</p>
        @if ($site)
            <x-sheet-head :job="$site->job" :revision="$revision ?? $site->job->revision"
                :lines="(new Provenance($site))->lines()" />
            @foreach ((new Provenance($site))->lines() as $stamp)<p class="copy-of" role="note">{{ $stamp }}</p>@endforeach
            @if ($site->job->shelf !== Shelf::AtHand)<p class="copy-of" role="note">{{ $site->job->shelf === Shelf::Bin
                ? $say('components.layout.in_the_bin') : $say('components.layout.put_away') }}</p>@endif
            @if ($site->state->isChangedSinceHandover() && $phase !== Phase::Handover)<p class="copy-of" role="note">{{
                HandoverWords::besides($site->state) }}</p>@endif
        @endif
        {{ $slot }}
    </main>
</div>
<div id="outbox" class="outbox" role="status" data-words="{{ json_encode(PageWords::in('script')) }}" hidden></div>
</body>
</html>
