@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Site\PourPoint')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('App\View\Typeset')
@use('Illuminate\Support\Str')
<x-layout :title="'Post '.$post->label" :site="$site" :phase="$phase">
    <div class="yard">
        <header class="yard-head">
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $page->before->label]) }}"
                aria-label="Previous post, {{ $page->before->label }}">‹ {{ $page->before->label }}</a>
            <h1>{{ $post->label }}</h1>
            <p>{{ $page->standing() }}<br>{{ Names::of($plan->roleOf($post)) ?: Names::of($page->hold) }}</p>
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $page->after->label]) }}"
                aria-label="Next post, {{ $page->after->label }}">{{ $page->after->label }} ›</a>
        </header>
        @if ($page->walk)<p class="walk-line" role="status"><b>Round: {{ $page->walk->inWords() }}</b> {{ $page->walk->done }} of
            {{ $page->walk->of }} done. <a
            href="{{ route('set.post', [$job, $post->label]) }}">Leave the round</a></p>@endif
        @if ($page->move)
            <x-move :site="$site" :move="$page->move" :here="$page->move->phase" :heading="'Next move at '.$post->label">
                @if ($page->move->asks === EntryKind::Decision)<p><a class="button" href="{{ route($page->move->phase->value, $job) }}">Go
                    there</a></p>
                @elseif ($page->move->asks === $page->asks && $page->open())<div id="entry">@include($page->open())</div>@endif
            </x-move>
            @if ($site->next && $site->next != $page->move)<p class="hint">Next move of the job: <a class="jump"
                href="{{ route($site->next->phase->value, $job) }}"><x-words :say="$site->speech->say($site->next->do)" /></a></p>@endif
        @else
            <x-move :site="$site" :here="$phase" />
        @endif
        @if ($page->stands->set)
            <div class="vials">
                @foreach ($lean->vials as $vial)
                    <div class="vial-card">
                        <p class="vial-face">{{ $vial->face }} face</p>
                        <svg viewBox="0 0 160 40" class="vial {{ $vial->read ? ($vial->within ? 'is-within' : 'is-out') : 'is-unread' }}"
                            aria-hidden="true">
                            <rect class="glass" x="3" y="6" width="154" height="28" rx="14" />
                            @if ($vial->read)<ellipse class="bubble" cx="{{ $vial->bubbleX() }}" cy="20" rx="15" ry="9" />@endif
                            <path class="vial-lines" d="M62 6 V34 M98 6 V34" />
                        </svg>
                        <p class="vial-ends" aria-hidden="true"><span>{{ $vial->left }}</span><span>{{ $vial->right }}</span></p>
                        <p class="vial-word">@if (! $vial->read) not read @elseif ($vial->leans === '') plumb @else to the
                            {{ $vial->leans }}@if ($vial->measure?->off): <x-length :of="$vial->measure->off" :plan="$plan" /> in <x-length
                            :of="$vial->measure->over" :plan="$plan" />@elseif ($vial->measure?->degrees):
                            {{ $vial->measure->degrees }}°@elseif ($vial->measure?->bubble), {{ Names::of($vial->measure->bubble) }}@endif @endif</p>
                    </div>
                @endforeach
                @if ($top = $lean->fromAbove)
                    <div class="vial-card above-card">
                        <p class="vial-face">from above, at the top</p>
                        <svg viewBox="-50 -50 100 100" class="from-above" role="img" aria-label="{{ $top->words }}">
                            <circle class="limit" r="{{ $top->limit }}" /><rect class="foot-of-post" x="-9" y="-9" width="18" height="18" />
                            <path class="leans" d="M0 0 L{{ $top->x }} {{ $top->y }}" /><rect class="top-of-post" x="{{ $top->x - 9 }}"
                                y="{{ $top->y - 9 }}" width="18" height="18" />
                        </svg>
                        <p class="hint">drawn {{ $top->factor }} times; the ring is the limit</p>
                    </div>
                @endif
            </div>
        @endif
        @if ($page->opensApart())<section id="entry">@include($page->open())</section>@endif
        @if ($page->pours)@include('set.pour', ['now' => true])@endif
        <section>
            <h2>What is known of {{ $post->label }}</h2>
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
                <h2>{{ $sheet->ready->isReady() ? 'Ready to fill' : 'Not ready to fill' }}</h2>
                <ul class="plain checks">@foreach ($sheet->ready->points as $point => $is)
                    <li><span class="state state-{{ $is ? 'fits' : 'to-pull' }}">{{ Names::of(PourPoint::from($point)) }}{{ $is ? ''
                    : ': missing' }}</span></li>@endforeach</ul>
            </section>
        @endif
        @if ($page->hasFill() && ! $page->pours)@include('set.pour', ['now' => false])@endif
        @foreach ($page->forms as $view => [$words, $kind])
            @if ($kind !== $page->asks)<details class="change"><summary>Write down {{ $words }}</summary>@include($view)</details>@endif
        @endforeach
        <details class="change" @if ($errors->has('picture')) open @endif><summary>A picture of {{ $post->label }}</summary>
            <form method="post" action="{{ route('entry', [$job, 'picture']) }}" enctype="multipart/form-data" class="entry" data-picture
                hx-request='{"timeout":180000}'>
                @csrf
                <input type="hidden" name="client_id" value="{{ Str::ulid() }}"><input type="hidden" name="form" value="picture">
                <input type="hidden" name="post" value="{{ $post->label }}"><input type="hidden" name="phase"
                    value="{{ $page->phase() }}">
                <div class="field field-wide {{ $errors->has('picture') ? 'is-refused' : '' }}"><label for="picture-file">Picture</label>
                    <p class="hint" id="picture-hint">JPEG, PNG or WebP up to 20 MB. It is made smaller; where it was taken is not kept.</p>
                    @error('picture')<p class="refusal" id="picture-refusal">{{ $message }}</p>@enderror
                    <input id="picture-file" type="file" name="picture" accept="image/jpeg,image/png,image/webp" aria-describedby="picture-hint">
                        <p class="echo" aria-live="polite" data-picture-says></p><progress class="sending" max="100" hidden
                        aria-label="Sending"></progress></div>
                <x-field name="says" form="picture" label="What it shows" wide />
                <button class="button button-second">Keep it</button>
            </form>
        </details>
        <details class="change"><summary>A remark on {{ $post->label }}</summary>
            <x-entry-form kind="remark" name="remark">
                <input type="hidden" name="post" value="{{ $post->label }}">
                <x-field name="text" form="remark" label="Remark" wide />
                <button class="button button-second">Write it down</button>
            </x-entry-form>
        </details>
        @if (! $page->stands->lean->isUnread())
            <details class="why"><summary>Why so much at the top?</summary>
                <p>The readings come to {{ Typeset::number($page->stands->lean->size() * 1000, 2) }} in 1000; the limit is 1 in
                    {{ $plan->tolerances->plumbOneIn }}, that is {{ Typeset::number(1000 / $plan->tolerances->plumbOneIn, 2) }}. While the hole is
                        open
                    the post turns about its foot, after the fill about grade: the top is <x-length :of="$page->stands->topAbovePivot()" :plan="$plan"
                    /> above that, the brace, at two thirds of the standing post, <x-length :of="$page->stands->braceAbovePivot()" :plan="$plan"
                    />. Out of plumb is slope times height.</p></details>
            @if (! $page->stands->isWithin())<x-decide :site="$site" :about="DecisionAbout::AcceptLean" :post="$post" />@endif
        @endif
        <x-cautions :step="$page->stands->set ? Step::Standing : Step::Setting" :site="$site" :post="$post" />
        <x-quick-line :site="$site" />
    </div>
</x-layout>
