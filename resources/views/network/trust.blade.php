{{-- Comes without a session: the phone does not trust this machine yet. --}}
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $say('network.trust.title') }} · Aequus</title>@vite(['resources/css/app.css'])</head>
<body><main id="work" class="trust">
    <h1>{{ $say('network.trust.title') }}</h1>
    <p>{{ $say('network.trust.why') }}</p>
    <ol class="trust-steps">
        <li>
            <svg viewBox="0 0 64 64" aria-hidden="true"><path d="M20 4h24v56H20zM28 54h8" /><path d="M32 14v22M24 28l8 9 8-9" /></svg>
            <h2>{{ $say('network.trust.fetch') }}</h2>
            <p>{{ $say('network.trust.fetch_how') }}</p>
            <p><a class="button" href="{{ route('trust.certificate') }}" download>{{ $say('network.trust.fetch_it') }}</a></p>
        </li>
        <li>
            <svg viewBox="0 0 64 64" aria-hidden="true">
                <path d="M12 8h28l12 12v36H12zM40 8v12h12M20 28h24M20 36h14" /><circle cx="40" cy="44" r="6" />
            </svg>
            <h2>{{ $say('network.trust.install') }}</h2>
            <p>{{ $say('network.trust.install_how') }}</p>
        </li>
        <li>
            <svg viewBox="0 0 64 64" aria-hidden="true">
                <path d="M6 18h52v10H6zM6 36h52v10H6zM14 18v5M22 18v5M30 18v5M38 18v5M46 18v5M14 36v5M22 36v5M30 36v5M38 36v5M46 36v5" />
            </svg>
            <h2>{{ $say('network.trust.compare') }}</h2>
            <p>{{ $say('network.trust.compare_how') }}</p>
            <p class="trust-mark">{{ $mark }}</p>
        </li>
        <li>
            <svg viewBox="0 0 64 64" aria-hidden="true"><path d="M20 4h24v56H20zM28 54h8" /><path d="M26 18v22M38 18v22M24 40h16M26 24h12" /></svg>
            <h2>{{ $say('network.trust.open') }}</h2>
            <p>{{ $say('network.trust.open_how') }}</p>
            <p><a class="button" href="{{ $address }}">{{ $address }}</a></p>
        </li>
    </ol>
    <p class="notice notice-refused">{{ $say('network.trust.without') }}</p>
    <p class="hint">{{ $say('network.trust.bound') }} {{ $say('network.trust.off') }}</p>
</main></body>
</html>
