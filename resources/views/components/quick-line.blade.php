@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Words\Names')
@use('App\View\Typeset')
@use('Illuminate\Support\Str')
<section class="quick">
    <form method="post" action="{{ route('quick', $site->job) }}" data-outbox class="quick-form" @if ($last) data-last="strike-last" @endif>
        @csrf
        <input type="hidden" name="client_id" value="{{ Str::ulid() }}">
        <input type="hidden" name="form" value="quick">
        <div class="field {{ $refusal ? 'is-refused' : '' }}">
            <label for="quick-line">Quick line</label>
            @if ($refusal)<p class="refusal" id="quick-refusal">{!! Typeset::sentence($refusal) !!}</p>@endif
            <input id="quick-line" name="line" value="{{ $typed }}" autocomplete="off" autocapitalize="none" spellcheck="false"
                placeholder="{{ explode(',', $examples['hole'])[0] }}"
                aria-describedby="quick-echo{{ $refusal ? ' quick-refusal' : '' }}" @if ($refusal) aria-invalid="true" @endif
                hx-get="{{ route('quick.echo', $site->job) }}" hx-trigger="input changed delay:200ms" hx-target="#quick-echo" hx-select="unset"
                    hx-swap="innerHTML" hx-push-url="false">
            <p class="echo" id="quick-echo" aria-live="polite"></p>
        </div>
        @if ($asksSure)<label class="tick"><input type="checkbox" name="sure" value="1"> right as typed</label>@endif
        <button class="button button-second button-small">Write it down</button>
    </form>
    @if ($last)
        <form method="post" action="{{ route('entry', [$site->job, 'strike']) }}" id="strike-last" class="strike-last">
            @csrf
            <input type="hidden" name="client_id" value="{{ Str::ulid() }}">
            <input type="hidden" name="sequence" value="{{ $last }}"><input type="hidden" name="reason" value="typed wrong">
            <button class="link">Strike entry {{ $last }}</button> <span class="hint">or Esc in the empty line</span>
        </form>
    @endif
    <details class="why"><summary>What the line understands</summary>
        <p>First whom it is about, then what, then the figures, as one would call it across a yard.</p>
        <dl class="facts">@foreach ($examples as $what => $example)<div><dt>{{ ucfirst(Names::of(EntryKind::from($what))) }}</dt>
            <dd><code>{{ $example }}</code></dd></div>@endforeach</dl>
    </details>
</section>
