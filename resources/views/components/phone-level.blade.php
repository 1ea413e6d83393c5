@use('App\View\Choices')
{{-- The phone as a level, on a face or on a board. Shown by its script where the browser lets a page feel which way is down. --}}
@props(['on', 'plan', 'sides', 'unit'])
<div class="phone-level field-wide" data-phone-level="{{ $on }}" data-sides="{{ json_encode(Choices::sides($sides)) }}"
    data-run="{{ $plan->notation->system()->runName() }}" data-per-run="{{ $plan->notation->system()->runFigure() }}"
    data-unit="{{ $unit->system()->sign }}" data-digits="{{ $unit->system()->isDivided ? 2 : 1 }}" hidden>
    <button type="button" class="button button-second" data-phone-begin>{{ $say('set.phone.read_with_this_phone') }}</button>
    <div data-phone-at-work hidden>
        <svg viewBox="0 0 120 96" class="phone-how" aria-hidden="true">
            @if ($on === 'face')<rect class="phone-post" x="4" y="4" width="26" height="88" /><path class="phone-screen" d="M30 22h26v52H30z" />
                <g class="phone-second"><path d="M66 12c24-12 40 0 40 18s-14 30-40 30m8-9-9 9 10 8" /></g>
            @else<rect class="phone-post" x="4" y="66" width="112" height="18" /><path class="phone-screen" d="M32 40h52v26H32z" />
                <g class="phone-second"><path d="M34 26c0-20 50-20 50 0m-8-6 8 8 6-9" /></g>@endif
        </svg>
        <p class="phone-what" data-phone-what aria-live="polite"></p>
        <p class="phone-figure"><b data-phone-figure>–</b> <span data-phone-toward></span></p>
        <progress max="1" value="0" data-phone-steady aria-label="{{ $say('set.phone.steady') }}"></progress>
        <p class="phone-keys"><button type="button" class="button button-small" data-phone-turned
                hidden>{{ $say('set.phone.it_is_turned_over') }}</button>
            <button type="button" class="button button-second button-small" data-phone-once
                hidden>{{ $say('set.phone.one_hold_will_do') }}</button>
            <button type="button" class="button button-second button-small" data-phone-stop>{{ $say('set.phone.leave_it') }}</button></p>
    </div>
    <p class="echo" data-phone-says aria-live="polite"></p>
</div>
