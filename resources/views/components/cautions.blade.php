@use('App\View\CautionLine')
@props(['step', 'site', 'post' => null, 'way' => null])
@foreach (CautionLine::at($step, $site->plan, $post, $way) as $caution)
    <details class="caution {{ $caution->read ? 'is-read' : '' }}">
        <summary><span class="caution-sign" aria-hidden="true">!</span><span
            class="{{ $caution->read ? 'caution-short' : '' }}">{{ $caution->line }}</span></summary>
        <p>{{ $caution->more }}</p>
        @unless ($caution->read)
            <form method="post" action="{{ route('caution', $caution->key) }}">@csrf<button
                class="link">{{ $say('components.cautions.read_fold_it') }}</button></form>
        @endunless
    </details>
@endforeach
