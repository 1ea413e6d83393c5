@use('Aequus\Guide\Guide')
@use('Aequus\Guide\Move\Scope')
@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\Kind\EntryKind')
@use('Aequus\Site\PourPoint')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('Illuminate\Support\Str')
@php
    $label = $post->label;
    $stands = $state->standing($post); $hold = $plan->holdOf($post->id); $dug = $state->footing->asDug($post);
    $move = Guide::next($state, Scope::post($post));
    $order = array_values($state->walk()); $here = array_search($post, $order, false);
    $after = $order[($here + 1) % count($order)]; $before = $order[($here - 1 + count($order)) % count($order)];
    // Its own next move leads to the form it asks for; on a walk round the walk does.
    $asks = match (true) {
        $walk !== null => ['standing' => EntryKind::PostSet, 'filled' => EntryKind::Filled][$walk->what] ?? EntryKind::Plumb,
        $move !== null && in_array($move->asks, [EntryKind::Hole, EntryKind::PostSet, EntryKind::Plumb, EntryKind::Ready, EntryKind::CrossChecked, EntryKind::Filled, EntryKind::Top, EntryKind::PostCut], true) => $move->asks,
        $stands->set => EntryKind::Plumb,
        default => null,
    };
    $pours = $dug !== null && $hold->isDug() && ($asks === EntryKind::Filled || ($state->filling($post)->isBegun() && ! $state->filling($post)->isDone()));
    $forms = array_filter([
        'set.forms.hole' => ['a hole as dug', EntryKind::Hole, $state->footing->required($post) !== null && ! $stands->set],
        'set.forms.standing' => ['the post stands', EntryKind::PostSet, ! $stands->set],
        'set.forms.plumb' => ['a face with the level', EntryKind::Plumb, $stands->set],
        'set.forms.ready' => ['ready to fill?', EntryKind::Ready, $dug !== null && ! $state->isFilled($post)],
        'set.forms.check' => ['one measure again, another way', EntryKind::CrossChecked, $dug !== null && ! $state->isFilled($post)],
        'set.forms.filled' => ['the fill', EntryKind::Filled, $dug !== null],
        'set.forms.top' => ['its top', EntryKind::Top, $plan->tops !== null && $stands->set],
        'set.forms.cut' => ['the cut', EntryKind::PostCut, $plan->tops !== null && ! $state->cut->isCut($post) && $state->hindersCut($post) === null],
        'set.forms.twist' => ['twist', EntryKind::Twist, $stands->set],
    ], fn ($form) => $form[2]);
    $open = collect($forms)->search(fn ($form) => $form[1] === $asks);
@endphp
<x-layout :title="'Post '.$label" :site="$site" :phase="$phase">
    <div class="yard">
        <header class="yard-head">
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $before->label]) }}"
                aria-label="Previous post, {{ $before->label }}">‹ {{ $before->label }}</a>
            <h1>{{ $label }}</h1>
            <p>{{ $stands->set ? 'set' : 'not set' }}{{ $state->isFilled($post) ? ', filled' : '' }}{{ $state->cut->isCut($post) ? ', cut'
                : '' }}<br>{{ Names::of($plan->roleOf($post)) ?: Names::of($hold) }}</p>
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $after->label]) }}"
                aria-label="Next post, {{ $after->label }}">{{ $after->label }} ›</a>
        </header>
        @if ($walk)<p class="walk-line" role="status"><b>Round: {{ $walk->inWords() }}</b> {{ $walk->done }} of {{ $walk->of }} done. <a
            href="{{ route('set.post', [$job, $label]) }}">Leave the round</a></p>@endif
        @if ($move)
            <x-move :site="$site" :move="$move" :here="$move->phase" :heading="'Next move at '.$label">
                @if ($move->asks === EntryKind::Decision)<p><a class="button" href="{{ route($move->phase->value, $job) }}">Go there</a></p>
                @elseif ($move->asks === $asks && $open)<div id="entry">@include($open)</div>@endif
            </x-move>
            @if ($site->next && $site->next != $move)<p class="hint">Next move of the job: <a class="jump"
                href="{{ route($site->next->phase->value, $job) }}"><x-words :say="$site->speech->say($site->next->do)" /></a></p>@endif
        @else
            <x-move :site="$site" :here="$phase" />
        @endif
        @if ($stands->set)
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
        @foreach ($forms as $view => [$words, $kind])
            @if ($kind === $asks && $kind !== $move?->asks)<section id="entry">@include($view)</section>@endif
        @endforeach
        @if ($pours)@include('set.pour', ['now' => true])@endif
        <section>
            <h2>What is known of {{ $label }}</h2>
            <dl class="facts facts-post">@foreach ($sheet->facts as $fact)<div><dt>{{ $fact->about }}</dt>
                <dd>@if ($fact->state)<span class="state state-{{ $fact->state }}"><span><x-words :say="$fact->says" /></span></span>@else<x-words
                :say="$fact->says" />@endif</dd></div>@endforeach</dl>
            @foreach ($sheet->remarks as $remark)<p class="remark">“{{ $remark->text }}”</p>@endforeach
            <div class="pictures">@foreach ($sheet->pictures as $picture)<figure><a href="{{ route('pictures.show', [$job, $picture->fingerprint]) }}"
                hx-boost="false"><img src="{{ route('pictures.show', [$job, $picture->fingerprint, 'small' => 1]) }}"
                alt="{{ $picture->says ?: 'Picture of '.$label }}" loading="lazy" width="160"></a><figcaption>{{ $picture->says }}</figcaption>
                </figure>@endforeach</div>
        </section>
        @if ($dug !== null && ! $state->isFilled($post) && $hold->isDug())
            <section class="{{ $sheet->ready->isReady() ? 'ready' : '' }}">
                <h2>{{ $sheet->ready->isReady() ? 'Ready to fill' : 'Not ready to fill' }}</h2>
                <ul class="plain checks">@foreach ($sheet->ready->points as $point => $is)
                    <li><span class="state state-{{ $is ? 'fits' : 'to-pull' }}">{{ Names::of(PourPoint::from($point)) }}{{ $is ? ''
                    : ': missing' }}</span></li>@endforeach</ul>
            </section>
        @endif
        @if ($dug !== null && $hold->isDug() && ! $pours)@include('set.pour', ['now' => false])@endif
        @foreach ($forms as $view => [$words, $kind])
            @if ($kind !== $asks)<details class="change"><summary>Write down {{ $words }}</summary>@include($view)</details>@endif
        @endforeach
        <details class="change" @if ($errors->has('picture')) open @endif><summary>A picture of {{ $label }}</summary>
            <form method="post" action="{{ route('entry', [$job, 'picture']) }}" enctype="multipart/form-data" class="entry" data-picture
                hx-request='{"timeout":180000}'>
                @csrf
                <input type="hidden" name="client_id" value="{{ Str::ulid() }}"><input type="hidden" name="form" value="picture">
                <input type="hidden" name="post" value="{{ $label }}"><input type="hidden" name="phase"
                    value="{{ $state->cut->isCut($post) ? 'cut' : ($stands->set ? 'set' : 'footing') }}">
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
        <details class="change"><summary>A remark on {{ $label }}</summary>
            <x-entry-form kind="remark" name="remark">
                <input type="hidden" name="post" value="{{ $label }}">
                <x-field name="text" form="remark" label="Remark" wide />
                <button class="button button-second">Write it down</button>
            </x-entry-form>
        </details>
        @if (! $stands->lean->isUnread())
            <details class="why"><summary>Why so much at the top?</summary>
                <p>The readings come to {{ number_format($stands->lean->size() * 1000, 2) }} in 1000; the limit is 1 in
                    {{ $plan->tolerances->plumbOneIn }}, that is {{ number_format(1000 / $plan->tolerances->plumbOneIn, 2) }}. While the hole is open
                    the post turns about its foot, after the fill about grade: the top is <x-length :of="$stands->topAbovePivot()" :plan="$plan"
                    /> above that, the brace, at two thirds of the standing post, <x-length :of="$stands->braceAbovePivot()" :plan="$plan"
                    />. Out of plumb is slope times height.</p></details>
            @if (! $stands->isWithin())<x-decide :site="$site" :about="DecisionAbout::AcceptLean" :post="$post" />@endif
        @endif
        <x-cautions :step="$stands->set ? Step::Standing : Step::Setting" :site="$site" :post="$post" />
        <x-quick-line :site="$site" />
    </div>
</x-layout>
