@php
    $job = $site->job; $phase = \Aequus\Site\Phase::Set; $plan = $site->plan; $state = $site->state; $unit = $plan->notation->unit;
    $stands = $state->standing($post); $hole = $state->footing->asDug($post); $required = $state->footing->required($post);
    $move = \Aequus\Guide\Guide::next($state, \Aequus\Guide\Scope::post($post));
    $face = $stands->nextFace() ?? \Aequus\Plan\Side::MinusY;
    $names = collect(\Aequus\Plan\Side::cases())->mapWithKeys(fn ($side) => [$side->value => $plan->sides->of($side)]);
    $walk = array_values($state->walk()); $here = array_search($post, $walk, false);
    $after = $walk[($here + 1) % count($walk)]; $before = $walk[($here - 1 + count($walk)) % count($walk)];
    $usual = $unit->value === 'mm' ? '1200 mm' : '4\' 0"';
    $last = collect($stands->byFace)->last();
@endphp
<x-layout :title="'Post '.$post->label" :site="$site" :phase="$phase">
    <div class="yard">
        <header class="yard-head">
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $before->label]) }}" aria-label="Previous post, {{ $before->label }}">‹ {{ $before->label }}</a>
            <h1>{{ $post->label }}</h1>
            <p>{{ $stands->set ? 'set' : 'not set' }}{{ $stands->stage?->value === 'filled' ? ', filled' : '' }}<br>
                @if ($hole === null) hole not dug @elseif ($hole->deepEnough) hole <x-length :of="$required->need->ground->minus($hole->bottom)" :plan="$plan" />, deep enough @elseif ($hole->serves()) hole serves with thinner gravel @else hole short by <x-length :of="$hole->shortBy" :plan="$plan" /> @endif</p>
            <a class="button button-small button-second" href="{{ route('set.post', [$job, $after->label]) }}" aria-label="Next post, {{ $after->label }}">{{ $after->label }} ›</a>
        </header>
        @if ($move && $move->phase === $phase)
            <x-move :site="$site" :move="$move" :here="$phase" :heading="'Next move at '.$post->label" />
        @else
            <x-move :site="$site" :here="$phase" />
        @endif
        <div class="vials">
            @foreach ($lean->vials as $vial)
                <div class="vial-card">
                    <p class="vial-face">{{ $vial->face }} face</p>
                    <svg viewBox="0 0 160 40" class="vial {{ $vial->read ? ($vial->within ? 'is-within' : 'is-out') : 'is-unread' }}" aria-hidden="true">
                        <rect class="glass" x="3" y="6" width="154" height="28" rx="14" />
                        @if ($vial->read)<ellipse class="bubble" cx="{{ $vial->bubbleX() }}" cy="20" rx="15" ry="9" />@endif
                        <path class="vial-lines" d="M62 6 V34 M98 6 V34" />
                    </svg>
                    <p class="vial-ends" aria-hidden="true"><span>{{ $vial->left }}</span><span>{{ $vial->right }}</span></p>
                    <p class="vial-word">@if (! $vial->read) not read @elseif ($vial->leans === '') plumb @else top leans toward the {{ $vial->leans }}: <x-length :of="$vial->gap" :plan="$plan" /> in <x-length :of="$vial->level" :plan="$plan" /> @endif</p>
                </div>
            @endforeach
        </div>
        @if (! $stands->set)
            <section id="entry">
                <x-entry-form :action="route('set.standing', $job)" name="standing">
                    <input type="hidden" name="post" value="{{ $post->label }}">
                    <button class="button button-yard">{{ $post->label }} stands, braced two ways</button>
                </x-entry-form>
            </section>
            <x-cautions :of="['lifting', 'unbraced']" />
        @else
            <section id="entry">
                <h2>Read a face</h2>
                <x-entry-form :action="route('set.plumb', $job)" name="plumb">
                    <input type="hidden" name="post" value="{{ $post->label }}">
                    <x-radios name="face" form="plumb" label="Level held on" :value="$face->value" :options="$names->map(fn ($n) => $n.' face')->all()" />
                    <x-radios name="leans" form="plumb" label="Top" value="plumb" :options="['plumb' => 'plumb'] + $names->map(fn ($n) => 'to the '.$n)->all()" />
                    <x-field name="gap" form="plumb" label="Gap under the level" hint="At its far end; nothing when plumb." :unit="$unit" />
                    <x-field name="level" form="plumb" label="Length of the level" :value="$last ? $plan->write($last->level) : $usual" :unit="$unit" />
                    <x-radios name="stage" form="plumb" label="The hole is" :value="$stands->stage?->value ?? 'hole_open'" :options="['hole_open' => 'open', 'filled' => 'filled']" />
                    <button class="button button-yard">Write it down</button>
                </x-entry-form>
            </section>
            @if (! $stands->lean->isUnread())
                <details class="why"><summary>Why so much at the top?</summary>
                    <p>The readings come to {{ number_format($stands->lean->size() * 1000, 2) }} in 1000; the limit is 1 in {{ $plan->tolerances->plumbOneIn }}, that is {{ number_format(1000 / $plan->tolerances->plumbOneIn, 2) }}. While the hole is open the post turns about its foot, after the fill about grade: the top is <x-length :of="$stands->topAbovePivot()" :plan="$plan" /> above that, the brace, at two thirds of the standing post, <x-length :of="$stands->braceAbovePivot()" :plan="$plan" />. Out of plumb is slope times height.</p></details>
                @if (! $stands->isWithin())<x-decide :site="$site" :about="\Aequus\Logbook\DecisionAbout::AcceptLean" :post="$post" />@endif
            @endif
        @endif
        <details class="change"><summary>A remark on {{ $post->label }}</summary>
            <x-entry-form :action="route('logbook.remark', $job)" name="remark">
                <input type="hidden" name="post" value="{{ $post->label }}">
                <x-field name="text" form="remark" label="Remark" wide />
                <button class="button button-second">Write it down</button>
            </x-entry-form>
        </details>
    </div>
</x-layout>
