@use('App\Type\Typeset')
@use('Illuminate\Support\Str')
<section class="quick">
    <form method="post" action="{{ route('quick', $site->job) }}" data-outbox class="quick-form" @if ($last) data-last="strike-last" @endif>
        @csrf
        <input type="hidden" name="client_id" value="{{ Str::ulid() }}">
        <input type="hidden" name="form" value="quick">
        <div class="field {{ $refusal ? 'is-refused' : '' }}">
            <label for="quick-line">{{ $say('components.quick_line.quick_line') }}</label>
            @if ($refusal)<p class="refusal" id="quick-refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
            <input id="quick-line" name="line" value="{{ $typed }}" autocomplete="off" autocapitalize="none" spellcheck="false"
                placeholder="{{ $example }}"
                aria-describedby="quick-echo{{ $refusal ? ' quick-refusal' : '' }}" @if ($refusal) aria-invalid="true" @endif
                hx-get="{{ route('quick.echo', $site->job) }}" hx-trigger="input changed delay:200ms" hx-target="#quick-echo" hx-select="unset"
                    hx-swap="innerHTML" hx-push-url="false">
            <p class="echo" id="quick-echo" aria-live="polite"></p>
        </div>
        @if ($asksSure)<label class="tick"><input type="checkbox" name="sure"
            value="1"> {{ $say('components.quick_line.right_as_typed') }}</label>@endif
        <button class="button button-second button-small">{{ $say('page.write_it_down') }}</button>
    </form>
    @if ($last)
        <form method="post" action="{{ route('entry', [$site->job, 'strike']) }}" id="strike-last" class="strike-last">
            @csrf
            <input type="hidden" name="client_id" value="{{ Str::ulid() }}">
            <input type="hidden" name="sequence" value="{{ $last }}"><input type="hidden" name="reason" value="typed wrong">
            <button class="link">{{ $say('components.quick_line.strike_entry', last: $last) }}</button> <span
                class="hint">{{ $say('components.quick_line.or_esc_in_the_empty') }}</span>
        </form>
    @endif
    <details class="why"><summary>{{ $say('components.quick_line.what_the_line_understands') }}</summary>
        <p>{{ $say('components.quick_line.first_whom_it_is_about') }}</p>
        <dl class="facts">@foreach ($examples as $what => $example)<div><dt>{{ ucfirst($what) }}</dt>
            <dd><code>{{ $example }}</code></dd></div>@endforeach</dl>
    </details>
</section>
