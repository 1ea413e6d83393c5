@use('Aequus\Plan\Footing\Soil')
@use('Aequus\Words\Names')
@use('App\View\Choices')
@use('App\Type\Typeset')
<x-layout :title="$say('holding.width.width')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.width" />
    <div class="two">
        <section class="paper">
            @if ($form->width === null)
                @include('footing.refused')
            @else
                                <h1>{{ $form->isNarrow() ? $say('holding.width.the_holes_planned_are_too')
                                    : $say('holding.width.the_holes_planned_are_wide') }}</h1>
                <p class="verdict-why">{{ $say('holding.width.a_round_hole_wants_for', for_the_post: $form->width->forThePost, load: $form->load > 0
                    ? $say('holding.width.its_foot') : '') }}@if ($form->load > 0)
                        {{ $say('holding.width.for_on', round_diameter: $form->bearing->roundDiameter, force: $form->in->force($form->load),
                            what: Names::of($form->soil)) }}@endif{{ $say('holding.width.planned', shape: $say("holding.width.shape_{$form->shape}"),
                                    width: $plan->hole->width) }}@if ($plan->hole->bellWidth){{ $say('holding.width.at_the_foot',
                                        bell_width: $plan->hole->bellWidth) }} @endif.
                    @if ($form->width->auger) {{ $say('holding.width.of_the_augers_at_hand', auger: $form->width->auger,
                        auger_carries: $form->width->augerCarries ? $say('holding.width.digs_it_as_it_is')
                        : $say('holding.width.makes_room_for_the_post')) }}@elseif ($form->sums->typed('augers') !== '')
                            {{ $say('holding.width.no_auger_at_hand_is') }}@endif</p>
                <dl class="facts">
                    <div><dt>{{ $say('holding.width.post_with_cover_and_slack') }}</dt><dd><x-length :of="$form->width->forThePost" :plan="$plan"
                        /></dd></div>
                    <div><dt>{{ $say('holding.width.rule_of_thumb_three_posts') }}</dt><dd><x-length :of="$form->width->byThumb" :plan="$plan" /></dd>
                        </div>
                    <div><dt>{{ $say('holding.width.foot_for_the_load') }}</dt>
                        <dd>@if ($form->load > 0)<x-length :of="$form->bearing->roundDiameter" :plan="$plan"
                            />@else {{ $say('holding.width.no_load_typed') }} @endif</dd></div>
                    <div><dt>{{ $say('holding.width.a_square_hole_instead') }}</dt><dd><x-length :of="$form->square" :plan="$plan" /></dd></div>
                    <div><dt>{{ $say('holding.width.post_off_the_holes_middle') }}</dt>
                        <dd>@if ($form->width->offTheHole->isNegative()) {{ $say('holding.width.no_room') }} @else
                            {{ $say('holding.width.up_to', off_the_hole: $form->width->offTheHole) }}@endif</dd>
                        </div>
                    <div><dt>{{ $say('holding.width.post_off_its_pads_middle') }}</dt>
                        <dd>{{ $say('holding.width.up_to_2', off_the_foot: $form->width->offTheFoot) }}</dd></div>
                </dl>
                <details class="why"><summary>{{ $say('page.why_these_numbers') }}</summary>
                    <p>{{ $say('holding.width.for_the_post_across_its', across: $plan->stoutest()->across(), cover: $form->cover, slack: $form->slack,
                        pressure: $form->in->pressure($form->soil->bearing())) }}</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.width', $job) }}" class="entry">
                <h2 class="field-wide">{{ $say('holding.width.weigh_a_width_with') }}</h2>
                <x-sum-field :f="$form->sums->field('cover', $say('page.cover_round_the_post'), $say('page.empty',
                    write: $form->cover))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('slack', $say('holding.width.slack_to_shift_the_post'), $say('page.empty',
                    write: $form->slack))" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('load', $say('holding.width.load_on_the_heaviest', of_force: $form->in->ofForce()),
                    $say('holding.width.from_the_load_sheet'))" />
                <x-choice form="sum" name="soil" :label="$say('page.soil_at_the_foot')" :value="$form->soil->value"
                    :options="Choices::of(Soil::cases())" />
                <x-sum-field :f="$form->sums->field('augers', $say('holding.width.augers_at_hand'),
                    $say('holding.width.their_widths_such_as', write: $plan->hole->width,
                        write_b: $plan->hole->width->times(1.5)))" />
                <button class="button button-second">{{ $say('page.work_it_out') }}</button>
            </form>
            <details class="change" @if (old('form') === 'shape') open @endif>
                <summary>{{ $say('holding.width.dig_another_shape') }}</summary>
                <form method="post" action="{{ route('footing.width.decide', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="shape"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-choice wide name="shape" form="shape" :label="$say('holding.width.holes_are')" :value="$form->shape"
                        :options="['round' => $say('holding.width.round'), 'square' => $say('page.square'), 'bell'
                            => $say('holding.width.round_with_a_bell_at')]" />
                    <x-field name="width" form="shape" :label="$say('holding.width.width')"
                        :value="Typeset::typed($plan->notation, $plan->hole->width)" :unit="$unit" wide
                        />
                    <x-field name="bell_width" form="shape" :label="$say('holding.width.bell_across')" :hint="$say('holding.width.for_a_bell_only')"
                        :value="Typeset::typed($plan->notation, $plan->hole->bellWidth)" :unit="$unit"
                        />
                    <x-field name="bell_height" form="shape" :label="$say('holding.width.bell_high')" :hint="$say('holding.width.for_a_bell_only')"
                        :value="Typeset::typed($plan->notation, $plan->hole->bellHeight)" :unit="$unit"
                        />
                    <button class="button">{{ $say('holding.width.dig_them_so') }}</button>
                </form>
            </details>
        </div>
    </div>
</x-layout>
