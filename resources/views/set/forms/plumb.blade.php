@use('Aequus\Logbook\Kind\Stage')
@use('Aequus\Logbook\Set\Bubble')
@use('Aequus\Logbook\Set\LeanWay')
@use('Aequus\Plan\Terms\Side')
@use('Aequus\Words\Bearing')
@use('App\View\Choices')
<h2>{{ $say('set.forms.plumb.read_a_face') }}</h2>
<x-entry-form kind="plumb" name="plumb">
    <input type="hidden" name="post" value="{{ $post->label }}">@if ($page->walk)<input type="hidden" name="walk"
        value="{{ $page->walk->what }}">@endif
    @if ($plan->post->round)
        <x-radios name="bearing" form="plumb" :label="$say('set.forms.plumb.level_held_along_top_goes')"
            :value="$page->stands->lean->xRead && ! $page->stands->lean->yRead ? '90' : '0'" :options="Bearing::all($plan->sides)" />
        <x-radios name="leans" form="plumb" :label="$say('set.forms.plumb.there_it')" value=""
            :options="['plumb' => $say('set.forms.plumb.is_plumb'), 'off' => $say('set.forms.plumb.leans_that_way')]" />
    @else
        <x-radios name="face" form="plumb" :label="$say('set.forms.plumb.level_held_on')" :value="($page->stands->nextFace() ?? Side::MinusY)->value"
            :options="Choices::sides($page->sides, $say('set.forms.plumb.s_face'))" />
        <x-radios name="leans" form="plumb" :label="$say('set.forms.plumb.top')" value=""
            :options="Choices::sides($page->sides, $say('page.to_the_s')) + ['plumb' => $say('page.plumb_2'), 'plumb_along'
                => $say('set.forms.plumb.plumb_along_the_face')]" />
    @endif
    <x-field name="gap" form="plumb" :label="$say('page.off_by')" :hint="$say('set.forms.plumb.the_gap_under_the_level')" :unit="$unit" wide
        />
    <x-field name="level" form="plumb" :label="$say('page.over_a_length_of')" :hint="$say('set.forms.plumb.the_level_or_the_height')"
        :value="$plan->write($page->stands->readOver() ?? $plan->notation->system()->spiritLevel)" :unit="$unit" />
    @if (! $plan->post->round)<x-phone-level on="face" :plan="$plan" :sides="$page->sides" :unit="$unit" />@endif
    <details class="field-wide" @if ($errors->hasAny(['way', 'bubble', 'shim', 'good_to']) || old('way', 'gap') !== 'gap') open
        @endif><summary>{{ $say('set.forms.plumb.by_a_bob_an_angle') }}</summary>
        <x-radios name="way" form="plumb" :label="$say('page.read_by')" value="gap"
            :options="Choices::of(LeanWay::cases())" />
        <x-radios name="bubble" form="plumb" :label="$say('set.forms.plumb.bubble_stands')" value="on_the_line"
            :options="Choices::of(Bubble::cases())" />
        <x-field name="shim" form="plumb" :label="$say('set.forms.plumb.shim_that_brings_it_to')"
            :hint="$say('set.forms.plumb.under_one_end_of_this')"
            :unit="$unit" />
        <label class="tick"><input type="checkbox" name="turned_over" value="1"
            @checked(old('turned_over'))> {{ $say('set.forms.plumb.phone_turned_over') }}</label>
        <x-field name="good_to" form="plumb" :label="$say('set.forms.plumb.good_to', run: $plan->notation->system()->runName())" :unit="$unit"
            :hint="$say('set.forms.plumb.good_to_hint', once: $page->phoneOver(false), twice: $page->phoneOver(true))" />
        <x-radios name="stage" form="plumb" :label="$say('set.forms.plumb.the_post_is')"
            :value="($page->walk?->what === 'after_fill' ? Stage::Filled : $page->stands->stageNow())->value"
            :options="Choices::of(Stage::cases())" />
        <label class="tick"><input type="checkbox" name="turned" value="1"
            @checked(old('turned'))> {{ $say('set.forms.plumb.level_turned_end_for_end') }}</label>
        <x-field name="read_by" form="plumb" :label="$say('page.read_by')" :hint="$say('page.if_not_you')" />
    </details>
    <button class="button button-yard">{{ $say('page.write_it_down') }}</button>
    <p class="hint">@if ($plan->post->round){{ $say('set.forms.plumb.a_pole_has_no_faces') }}@else
        {{ $say('set.forms.plumb.a_levels_edge_on_a') }}@endif</p>
</x-entry-form>
