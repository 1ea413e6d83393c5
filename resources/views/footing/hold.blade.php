@use('Aequus\Measure\Temperature')
@use('Aequus\Plan\Footing\Soil')
@use('Aequus\Plan\Holding\Customs')
@use('Aequus\Plan\Holding\Hold')
@use('Aequus\Plan\Holding\Holding')
@use('Aequus\Site\Step')
@use('Aequus\Words\Names')
@use('Aequus\Words\Plan\CustomWords')
@use('Aequus\Words\Plan\HoldWords')
@use('App\View\Choices')
<x-layout :title="$say('components.ways.footing.hold')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.hold" />
    <div class="two">
        <section class="paper">
            @if ($form->decided)<p class="move-kicker">{{ $say('holding.hold.decided', what: Names::of($form->decided->ofJob),
                of_posts: $form->decided->ofPosts->isEmpty() ? ''
                : $say('holding.hold.other_ways_for_of_the', count: count($form->decided->ofPosts))) }}</p>@endif
            <h1>{{ $form->title() }}</h1>
            <p class="verdict-why">{{ $form->why() }}</p>
            <ol class="plain holds">
                @foreach ($form->adviser->ranked as $advice)
                    <li class="{{ $advice->possible ? '' : 'muted' }}">
                        <h2>{{ ucfirst(Names::of($advice->hold)) }} <span
                            class="h-note">{{ $advice->possible ? ($advice->points > 0 ? '+' : '').str_replace('-', '−', (string) $advice->points)
                            : $say('page.not_here') }}</span></h2>
                        @if ($advice->for !== [])
                            <p><b>{{ $say('holding.hold.for_it') }}</b> {{ implode(' ', array_map(HoldWords::reason(...), $advice->for)) }}</p>
                                @endif
                        @if ($advice->against !== [])
                            <p><b>{{ $say('holding.hold.against_it') }}</b> {{ implode(' ', array_map(HoldWords::reason(...), $advice->against)) }}
                                </p>@endif
                        <details class="why"><summary>{{ $say('holding.hold.how_it_is_done') }}</summary>
                            <p>{{ $say('holding.hold.suits_against_it_in_general', suits: HoldWords::suits($advice->hold),
                                speaks_against: HoldWords::speaksAgainst($advice->hold)) }}</p>
                            <p>{{ $say('holding.hold.at_the_foot_round_the', foot: HoldWords::foot($advice->hold),
                                fill: HoldWords::fill($advice->hold), holds_down: HoldWords::holdsDown($advice->hold),
                                    time: HoldWords::time($advice->hold)) }}@if ($takes = $form->takes($advice->hold))
                                        {{ $say('holding.hold.this_jobs_holes_would_take', takes: $takes) }}@endif</p>
                            <ol>@foreach (HoldWords::stages($advice->hold) as $stage)<li>{{ ucfirst($stage) }}</li>@endforeach</ol></details>
                    </li>
                @endforeach
            </ol>
            <p class="hint">{{ $say('holding.hold.rules_of_thumb_for_small') }}</p>
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.hold', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('holding.hold.what_the_site_is_like') }}</h2>
                <x-choice wide form="sum" name="soil" :label="$say('holding.hold.soil')" :value="$form->is->soil->value"
                    :options="Choices::of(Soil::cases())" />
                @foreach ($form->ticks() as $name => $words)<label class="tick field-wide"><input type="checkbox" name="{{ $name }}" value="1"
                    @checked($form->ticked($name))> {{ $words }}</label>@endforeach
                <details class="field-wide" @if ($form->is->banned !== []) open @endif>
                    <summary>{{ $say('holding.hold.not_allowed_here', banned: $form->is->banned === [] ? $say('holding.hold.nothing_named') : '') }}
                        </summary>
                    @foreach (Hold::cases() as $hold)<label class="tick"><input type="checkbox" name="ban_{{ $hold->value }}" value="1"
                        @checked(in_array($hold, $form->is->banned, true))> {{ Names::of($hold) }}</label>@endforeach
                </details>
                <button class="button button-second">{{ $say('holding.hold.weigh_them') }}</button>
            </form>
            <details class="change" id="decide" @if (! $form->decided || old('form') === 'hold') open @endif>
                <summary>{{ $form->decided ? $say('holding.hold.decide_again') : $say('holding.hold.decide_how_the_posts_are') }}</summary>
                <form method="post" action="{{ route('footing.hold.decide', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="hold"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-right form="hold" said />
                    <input type="hidden" name="soil" value="{{ $form->is->soil->value }}">
                    @foreach (array_keys($form->ticks()) as $name)<input type="hidden" name="{{ $name }}"
                        value="{{ $form->ticked($name) ? 1 : 0 }}">@endforeach
                    @foreach ($form->is->banned as $hold)<input type="hidden" name="ban_{{ $hold->value }}" value="1">@endforeach
                    <x-choice wide name="of_job" form="hold" :label="$say('holding.hold.all_posts')"
                        :hint="$say('holding.hold.weighed_for_the_site_as')"
                        :value="$form->ofJob()"
                        :options="Choices::of(Hold::cases())" />
                    <details class="field-wide" @if (! ($form->decided?->ofPosts->isEmpty() ?? true)) open @endif>
                        <summary>{{ $say('holding.hold.single_posts_another_way') }}</summary>
                        @foreach (Hold::cases() as $hold)<x-field :name="'posts_'.$hold->value" form="hold"
                            :label="ucfirst(Names::of($hold))"
                            :hint="$loop->first ? $say('holding.hold.their_labels_such_as_c1') : null" :value="$form->posts($hold)" />@endforeach
                    </details>
                    <x-field name="collar" form="hold" :label="$say('holding.hold.collar_where_one_is_poured')"
                        :hint="$say('holding.hold.height_of_it_empty', write: Holding::usualCollar($site->plan->notation))"
                            :value="$form->decided ?
                        $site->plan->write($form->decided->collar) : ''" :unit="$site->plan->notation->unit" />
                    <details class="field-wide" @if ($errors->has('cure_datum')) open @endif>
                        <summary>{{ $say('holding.hold.customs_mixing_foot_filling_and') }}</summary>
                        @foreach ((new Customs)->all() as $matter => $usual)
                            <div class="field"><label for="hold-{{ $matter }}">{{ CustomWords::about($matter) }}</label>
                                <select id="hold-{{ $matter }}" name="customs[{{ $matter }}]">@foreach ($usual::cases() as $one)
                                    <option value="{{ $one->value }}" @selected($one === $form->custom($matter))>{{ Names::of($one) }}</option>
                                    @endforeach</select></div>
                        @endforeach
                        <x-field name="cure_datum" form="hold"
                            :label="$say('holding.hold.cure_counted_from', sign: Temperature::sign($site->plan->notation->unit))"
                            :hint="$say('holding.hold.cure_counted_from_hint', freezing: Temperature::celsius(0)->write($site->plan->notation->unit))"
                            :value="$form->cureDatum()" inputmode="text" />
                    </details>
                    <button class="button">{{ $say('holding.hold.hold_the_posts_this_way') }}</button>
                </form>
            </details>
            <details class="why"><summary>{{ $say('holding.hold.where_builders_differ') }}</summary>
                @foreach ((new Customs)->all() as $matter => $usual)
                    <h3>{{ CustomWords::about($matter) }}</h3>
                    <ul>@foreach ($usual::cases() as $one)
                        <li>{{ $say('holding.hold.b_b_suits_against_it', part: ucfirst(Names::of($one)), suits: CustomWords::suits($one),
                            against: CustomWords::against($one)) }}</li>@endforeach</ul>
                @endforeach
                <p>{{ $say('holding.hold.two_more_stand_under_their') }}</p>
            </details>
            <x-cautions :step="Step::ChoosingHold" :site="$site" />
        </div>
    </div>
</x-layout>
