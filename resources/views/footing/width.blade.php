@use('Aequus\Plan\Footing\Soil')
@use('Aequus\Words\Names')
@use('App\View\Choices')
@use('App\View\Typeset')
<x-layout title="Width" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.width" />
    <div class="two">
        <section class="paper">
            @if ($form->width === null)
                @include('footing.refused')
            @else
                                <h1>{{ $form->isNarrow() ? 'The holes planned are too narrow' : 'The holes planned are wide enough' }}</h1>
                <p class="verdict-why">A round hole wants <x-length :of="$form->width->forThePost" :plan="$plan"
                    /> for the post with its cover and slack{{ $form->load > 0 ? ', its foot' : '' }}@if ($form->load > 0) <x-length
                    :of="$form->bearing->roundDiameter" :plan="$plan" /> for {{ $form->in->force($form->load) }} on
                    {{ Names::of($form->soil) }}@endif. Planned: {{ $form->shape === 'bell' ? 'round with a bell' : $form->shape }}, <x-length
                        :of="$plan->hole->width"
                    :plan="$plan" />@if ($plan->hole->bellWidth), <x-length :of="$plan->hole->bellWidth" :plan="$plan" /> at the foot @endif.
                    @if ($form->width->auger) Of the augers at hand <x-length :of="$form->width->auger" :plan="$plan"
                        /> {{ $form->width->augerCarries ? 'digs it as it is.'
                        : 'makes room for the post; bell its foot out, or pour a wider pad.' }}@elseif ($form->sums->typed('augers') !== '') No auger
                        at hand is wide enough: dig by hand, or square.@endif</p>
                <dl class="facts">
                    <div><dt>Post with cover and slack</dt><dd><x-length :of="$form->width->forThePost" :plan="$plan" /></dd></div>
                    <div><dt>Rule of thumb, three posts</dt><dd><x-length :of="$form->width->byThumb" :plan="$plan" /></dd></div>
                    <div><dt>Foot for the load</dt>
                        <dd>@if ($form->load > 0)<x-length :of="$form->bearing->roundDiameter" :plan="$plan" />@else no load typed @endif</dd></div>
                    <div><dt>A square hole instead</dt><dd><x-length :of="$form->square" :plan="$plan" /></dd></div>
                    <div><dt>Post off the hole’s middle</dt>
                        <dd>@if ($form->width->offTheHole->isNegative()) no room @else up to <x-length :of="$form->width->offTheHole" :plan="$plan"
                            />@endif</dd>
                        </div>
                    <div><dt>Post off its pad’s middle</dt><dd>up to <x-length :of="$form->width->offTheFoot" :plan="$plan" /></dd></div>
                </dl>
                <details class="why"><summary>Why these numbers?</summary><p>For the post: <x-length :of="$plan->post->across()" :plan="$plan"
                    /> across its corners + 2 × (<x-length :of="$form->cover" :plan="$plan" /> cover + <x-length :of="$form->slack" :plan="$plan"
                    /> slack). The foot: load over what the soil is presumed to carry, {{ $form->in->pressure($form->soil->bearing()) }}
                    (International Building Code, table 1806.2), as a round of √(4A/π). A post further off the middle of a round pad than an eighth of
                    its width lifts the pad’s far edge (the kern of a circle). Keep the hole no wider at its top than at its foot, so that frost can’t
                    grip it. A report for the site and your local office come before all of this.</p></details>
            @endif
        </section>
        <div class="side-work">
            <x-move :site="$site" :here="$phase" />
            <form method="get" action="{{ route('footing.width', $job) }}" class="entry">
                <h2 class="field-wide">Weigh a width with</h2>
                <x-sum-field :f="$form->sums->field('cover', 'Cover round the post', 'Empty: '.$plan->write($form->cover).'.')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('slack', 'Slack to shift the post', 'Empty: '.$plan->write($form->slack).'.')" :unit="$unit" />
                <x-sum-field :f="$form->sums->field('load', 'Load on the heaviest, '.$form->in->ofForce(), 'From the load sheet.')" />
                <x-choice form="sum" name="soil" label="Soil at the foot" :value="$form->soil->value"
                    :options="Choices::of(Soil::cases())" />
                <x-sum-field :f="$form->sums->field('augers', 'Augers at hand',
                    'Their widths, such as '.$plan->write($plan->hole->width).'; '.$plan->write($plan->hole->width->times(1.5)).'.')" />
                <button class="button button-second">Work it out</button>
            </form>
            <details class="change" @if (old('form') === 'shape') open @endif>
                <summary>Dig another shape</summary>
                <form method="post" action="{{ route('footing.width.decide', $job) }}" class="entry">
                    @csrf
                    <input type="hidden" name="form" value="shape"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-choice wide name="shape" form="shape" label="Holes are" :value="$form->shape"
                        :options="['round' => 'round', 'square' => 'square', 'bell' => 'round, with a bell at the foot']" />
                    <x-field name="width" form="shape" label="Width" :value="Typeset::typed($plan->notation, $plan->hole->width)" :unit="$unit" wide
                        />
                    <x-field name="bell_width" form="shape" label="Bell across" hint="For a bell only."
                        :value="Typeset::typed($plan->notation, $plan->hole->bellWidth)" :unit="$unit"
                        />
                    <x-field name="bell_height" form="shape" label="Bell high" hint="For a bell only."
                        :value="Typeset::typed($plan->notation, $plan->hole->bellHeight)" :unit="$unit"
                        />
                    <button class="button">Dig them so</button>
                </form>
            </details>
        </div>
    </div>
</x-layout>
