@use('Aequus\Plan\Footing\Soil')
@use('Aequus\Plan\Holding\Customs')
@use('Aequus\Plan\Holding\Hold')
@use('Aequus\Plan\Holding\Holding')
@use('Aequus\Site\Step')
@use('Aequus\Words\Footing\HoldReasonWords')
@use('Aequus\Words\Names')
@use('Aequus\Words\Plan\CustomWords')
@use('Aequus\Words\Plan\HoldWords')
@use('App\View\Choices')
<x-layout title="Ways to hold" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.hold" />
    <div class="two">
        <section class="paper">
            @if ($form->decided)<p class="move-kicker">Decided: {{ Names::of($form->decided->ofJob) }}{{ $form->decided->ofPosts === [] ? ''
                : ', other ways for '.count($form->decided->ofPosts).' of the posts' }}</p>@endif
            <h1>{{ $form->title() }}</h1>
            <p class="verdict-why">{{ $form->why() }}</p>
            <ol class="plain holds">
                @foreach ($form->adviser->ranked as $advice)
                    <li class="{{ $advice->possible ? '' : 'muted' }}">
                        <h2>{{ ucfirst(Names::of($advice->hold)) }} <span
                            class="h-note">{{ $advice->possible ? ($advice->points > 0 ? '+' : '').str_replace('-', '−', (string) $advice->points)
                            : 'not here' }}</span></h2>
                        @if ($advice->for !== [])<p><b>For it:</b> {{ implode(' ', array_map(HoldReasonWords::of(...), $advice->for)) }}</p>@endif
                        @if ($advice->against !== [])
                            <p><b>Against it:</b> {{ implode(' ', array_map(HoldReasonWords::of(...), $advice->against)) }}</p>@endif
                        <details class="why"><summary>How it is done</summary>
                            <p>Suits {{ HoldWords::suits($advice->hold) }}. Against it in general: {{ HoldWords::speaksAgainst($advice->hold) }}.</p>
                            <p>At the foot: {{ HoldWords::foot($advice->hold) }}. Round the post: {{ HoldWords::fill($advice->hold) }}. Held down by
                                {{ HoldWords::holdsDown($advice->hold) }}. Time:
                                {{ HoldWords::time($advice->hold) }}.@if ($takes = $form->takes($advice->hold)) This job’s holes would take
                                {{ $takes }}.@endif</p>
                            <ol>@foreach (HoldWords::stages($advice->hold) as $stage)<li>{{ ucfirst($stage) }}</li>@endforeach</ol></details>
                    </li>
                @endforeach
            </ol>
            <p class="hint">Rules of thumb for small frames. Your local code, the maker’s label and a licensed engineer come first.</p>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.hold', $job) }}" class="entry">
                <h2 class="field-wide">What the site is like</h2>
                <x-choice wide form="sum" name="soil" label="Soil" :value="$form->is->soil->value"
                    :options="Choices::of(Soil::cases())" />
                @foreach ($form::TICKS as $name => $words)<label class="tick field-wide"><input type="checkbox" name="{{ $name }}" value="1"
                    @checked($form->ticked($name))> {{ $words }}</label>@endforeach
                <details class="field-wide" @if ($form->is->banned !== []) open @endif>
                    <summary>Not allowed here{{ $form->is->banned === [] ? ': nothing named' : '' }}</summary>
                    @foreach (Hold::cases() as $hold)<label class="tick"><input type="checkbox" name="ban_{{ $hold->value }}" value="1"
                        @checked(in_array($hold, $form->is->banned, true))> {{ Names::of($hold) }}</label>@endforeach
                </details>
                <button class="button button-second">Weigh them</button>
            </form>
            <details class="change" id="decide" @if (! $form->decided || old('form') === 'hold') open @endif>
                <summary>{{ $form->decided ? 'Decide again' : 'Decide how the posts are held' }}</summary>
                <form method="post" action="{{ route('footing.hold.decide', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="hold"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <input type="hidden" name="soil" value="{{ $form->is->soil->value }}">
                    @foreach (array_keys($form::TICKS) as $name)<input type="hidden" name="{{ $name }}"
                        value="{{ $form->ticked($name) ? 1 : 0 }}">@endforeach
                    @foreach ($form->is->banned as $hold)<input type="hidden" name="ban_{{ $hold->value }}" value="1">@endforeach
                    <x-choice wide name="of_job" form="hold" label="All posts" hint="Weighed for the site as it stands above."
                        :value="$form->ofJob()"
                        :options="Choices::of(Hold::cases())" />
                    <details class="field-wide" @if (($form->decided?->ofPosts ?? []) !== []) open @endif><summary>Single posts another way</summary>
                        @foreach (Hold::cases() as $hold)<x-field :name="'posts_'.$hold->value" form="hold" :label="ucfirst(Names::of($hold))"
                            :hint="$loop->first ? 'Their labels, such as C1 D1.' : null" :value="$form->posts($hold)" />@endforeach
                    </details>
                    <x-field name="collar" form="hold" label="Collar, where one is poured"
                        :hint="'Height of it. Empty: '.$site->plan->write(Holding::usualCollar($site->plan->notation)).'.'" :value="$form->decided ?
                        $site->plan->write($form->decided->collar) : ''" :unit="$site->plan->notation->unit" />
                    <details class="field-wide"><summary>Customs: mixing, foot, filling and its end, braces, wood</summary>
                        @foreach ((new Customs)->all() as $matter => $usual)
                            <div class="field"><label for="hold-{{ $matter }}">{{ CustomWords::about($matter) }}</label>
                                <select id="hold-{{ $matter }}" name="customs[{{ $matter }}]">@foreach ($usual::cases() as $one)
                                    <option value="{{ $one->value }}" @selected($one === $form->custom($matter))>{{ Names::of($one) }}</option>
                                    @endforeach</select></div>
                        @endforeach
                    </details>
                    <button class="button">Hold the posts this way</button>
                </form>
            </details>
            <details class="why"><summary>Where builders differ</summary>
                @foreach ((new Customs)->all() as $matter => $usual)
                    <h3>{{ CustomWords::about($matter) }}</h3>
                    <ul>@foreach ($usual::cases() as $one)<li><b>{{ ucfirst(Names::of($one)) }}</b>: suits {{ CustomWords::suits($one) }}; against it:
                        {{ CustomWords::against($one) }}.</li>@endforeach</ul>
                @endforeach
                <p>Two more stand under their own pages: below frost always, or a rule left aside with a reason (Depths); the hole made to the height,
                    or the post cut to it (Side by side).</p>
            </details>
            <x-cautions :step="Step::ChoosingHold" :site="$site" />
        </div>
    </div>
</x-layout>
