@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Site\PourPoint')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\Type\Typeset')
@use('Illuminate\Support\Str')
<x-layout :title="$say('set.post.post', label: $post->label)" :site="$site" :phase="$phase">
    <div class="yard">
        <header class="yard-head">
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $page->before->label]) }}"
                aria-label="{{ $say('set.post.previous_post', label: $page->before->label) }}">‹ {{ $page->before->label }}</a>
            <h1>{{ $post->label }}</h1>
            <p>{{ $page->standing() }}<br>{{ Names::of($plan->roleOf($post)) ?: Names::of($page->hold) }}</p>
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $page->after->label]) }}"
                aria-label="{{ $say('set.post.next_post', label: $page->after->label) }}">{{ $page->after->label }} ›</a>
        </header>
        @if ($page->turnedFaces() !== '')<p class="hint">{{ $page->turnedFaces() }}</p>@endif
        @if ($page->walk)<p class="walk-line"
            role="status">{{ $say('set.post.b_round_b_of_done', in_words: $page->walk->inWords(), done: $page->walk->done, what: $page->walk->of) }}
                <a
            href="{{ route('set.post', [$job, $post->label]) }}">{{ $say('set.post.leave_the_round') }}</a></p>@endif
        @if ($page->move)
            <x-move :site="$site" :move="$page->move" :here="$page->move->phase" :heading="$say('set.post.next_move_at', label: $post->label)">
                @if ($page->mayTakeItsHeight())
                    <x-decide :site="$site" :about="DecisionAbout::AcceptHeights" :post="$post" />
                @elseif ($page->move->asks === EntryKind::Decision)
                    <p><a class="button" href="{{ route($page->move->phase->value, $job) }}">{{ $say('page.go_there') }}</a></p>
                @elseif ($page->move->asks === $page->asks && $page->open())<div id="entry">@include($page->open())</div>@endif
            </x-move>
            @if ($site->next && $site->next != $page->move)<p class="hint">{{ $say('set.post.next_move_of_the_job') }} <a class="jump"
                href="{{ route($site->next->phase->value, $job) }}"><x-words :say="$site->speech->say($site->next->do)" /></a></p>@endif
        @else
            <x-move :site="$site" :here="$phase" />
        @endif
        @if ($page->stands->set)
            <div class="vials">
                @foreach ($lean->vials as $vial)
                    <div class="vial-card">
                        <p class="vial-face">{{ $say('set.post.face', face: $vial->face) }}</p>
                        <svg viewBox="0 0 160 40" class="vial {{ $vial->state() }}"
                            aria-hidden="true">
                            <rect class="glass" x="3" y="6" width="154" height="28" rx="14" />
                            @if ($vial->read)<ellipse class="bubble" cx="{{ $vial->bubbleX() }}" cy="20" rx="15" ry="9" />@endif
                            <path class="vial-lines" d="M62 6 V34 M98 6 V34" />
                        </svg>
                        <p class="vial-ends" aria-hidden="true"><span>{{ $vial->left }}</span><span>{{ $vial->right }}</span></p>
                        <p class="vial-word">@if (! $vial->read) {{ $say('page.not_read') }} @elseif ($vial->leans === '')
                            {{ $say('page.plumb_2') }} @else {{ $say('set.post.to_the', leans: $vial->leans) }}@if ($vial->measure?->off): <x-length
                                :of="$vial->measure->off" :plan="$plan" /> in <x-length
                            :of="$vial->measure->over" :plan="$plan" />@elseif ($vial->measure?->degrees):
                            {{ $vial->measure->degrees }}°@elseif ($vial->measure?->bubble), {{ Names::of($vial->measure->bubble) }}@endif @endif</p>
                    </div>
                @endforeach
                @if ($top = $lean->fromAbove)
                    <div class="vial-card above-card">
                        <p class="vial-face">{{ $say('set.post.from_above_at_the_top') }}</p>
                        <svg viewBox="-50 -50 100 100" class="from-above" role="img" aria-label="{{ $top->words }}">
                            <circle class="limit" r="{{ $top->limit }}" /><rect class="foot-of-post" x="-9" y="-9" width="18" height="18" />
                            <path class="leans" d="M0 0 L{{ $top->x }} {{ $top->y }}" /><rect class="top-of-post" x="{{ $top->x - 9 }}"
                                y="{{ $top->y - 9 }}" width="18" height="18" />
                        </svg>
                        <p class="hint">{{ $say('set.post.drawn_times_the_ring_is', factor: $top->factor) }}</p>
                    </div>
                @endif
            </div>
        @endif
        @if ($page->opensApart())<section id="entry">@include($page->open())</section>@endif
        @if ($page->pours)@include('set.pour', ['now' => true])@endif
        <section>
            <h2>{{ $say('set.post.what_is_known_of', label: $post->label) }}</h2>
            <dl class="facts facts-post">@foreach ($sheet->facts as $fact)<div><dt>{{ $fact->about }}</dt>
                <dd>@if ($fact->state)<span class="state state-{{ $fact->state }}"><span><x-words :say="$fact->says" /></span></span>@else<x-words
                :say="$fact->says" />@endif</dd></div>@endforeach</dl>
            @foreach ($sheet->remarks as $remark)<p class="remark">“{{ $remark->text }}”</p>@endforeach
            <div class="pictures">@foreach ($sheet->pictures as $picture)<figure><a href="{{ route('pictures.show', [$job, $picture->fingerprint]) }}"
                hx-boost="false"><img src="{{ route('pictures.show', [$job, $picture->fingerprint, 'small' => 1]) }}"
                alt="{{ $picture->says ?: 'Picture of '.$post->label }}" loading="lazy" width="160"></a><figcaption>{{ $picture->says }}</figcaption>
                </figure>@endforeach</div>
        </section>
        @if ($page->hasFill() && ! $page->isFilled())
            <section class="{{ $sheet->ready->isReady() ? 'ready' : '' }}">
                <h2>{{ $sheet->ready->isReady() ? $say('set.post.ready_to_fill') : $say('set.post.not_ready_to_fill') }}</h2>
                <ul class="plain checks">@foreach ($sheet->ready->points as $point => $is)
                    <li><span class="state state-{{ $is ? 'fits' : 'to-pull' }}">{{ Names::of(PourPoint::from($point)) }}{{ $is ? ''
                    : $say('set.post.missing') }}</span></li>@endforeach</ul>
            </section>
        @endif
        @if ($page->hasFill() && ! $page->pours)@include('set.pour', ['now' => false])@endif
        @foreach ($page->forms as $view => [$words, $kind])
            @if ($kind !== $page->asks)<details class="change" @if ($page->isOf($view, old('form', ''))) open @endif><summary>{{
                $say('set.post.write_down', words: $words) }}</summary>
                @include($view)</details>@endif
        @endforeach
        <details class="change" @if ($errors->has('picture')) open @endif><summary>{{ $say('set.post.a_picture_of', label: $post->label) }}</summary>
            <form method="post" action="{{ route('entry', [$job, 'picture']) }}" enctype="multipart/form-data" class="entry" data-picture data-outbox
                hx-request='{"timeout":180000}'>
                @csrf
                <input type="hidden" name="client_id" value="{{ Str::ulid() }}"><input type="hidden" name="form" value="picture">
                <input type="hidden" name="post" value="{{ $post->label }}"><input type="hidden" name="phase"
                    value="{{ $page->phase() }}">
                <div class="field field-wide {{ $errors->has('picture') ? 'is-refused' : '' }}"><label
                    for="picture-file">{{ $say('set.post.picture') }}</label>
                    <p class="hint" id="picture-hint">{{ $say('set.post.jpeg_png_or_webp_up') }}</p>
                    @error('picture')<p class="refusal" id="picture-refusal">{{ $message }}</p>@enderror
                    <input id="picture-file" type="file" name="picture" accept="image/jpeg,image/png,image/webp" aria-describedby="picture-hint">
                        <p class="echo" aria-live="polite" data-picture-says></p><progress class="sending" max="100" hidden
                        aria-label="{{ $say('set.post.sending') }}"></progress></div>
                <x-field name="says" form="picture" :label="$say('set.post.what_it_shows')" wide />
                <button class="button button-second">{{ $say('set.post.keep_it') }}</button>
            </form>
        </details>
        <details class="change" @if (old('form') === 'remark') open @endif><summary>{{ $say('set.post.a_remark_on', label: $post->label) }}</summary>
            <x-entry-form kind="remark" name="remark">
                <input type="hidden" name="post" value="{{ $post->label }}">
                <x-field name="text" form="remark" :label="$say('page.remark')" wide />
                <button class="button button-second">{{ $say('page.write_it_down') }}</button>
            </x-entry-form>
        </details>
        @if (! $page->stands->lean->isUnread())
            <details class="why"><summary>{{ $say('set.post.why_so_much_at_the') }}</summary>
                <p>{{ $say('set.post.the_readings_come_to_in', number: Typeset::number($page->stands->lean->size() * 1000, 2),
                    plumb_one_in: $plan->tolerances->plumbOneIn, number_b: Typeset::number(1000 / $plan->tolerances->plumbOneIn, 2),
                        top_above_pivot: $page->stands->topAbovePivot(), brace_above_pivot: $page->stands->braceAbovePivot()) }}</p></details>
            @if ($page->mayTakeItsLean())<x-decide :site="$site" :about="DecisionAbout::AcceptLean" :post="$post" />@endif
        @endif
        <x-cautions :step="$page->stands->set ? Step::Standing : Step::Setting" :site="$site" :post="$post" />
        <x-quick-line :site="$site" />
    </div>
</x-layout>
