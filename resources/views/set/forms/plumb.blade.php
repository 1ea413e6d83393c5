@use('Aequus\Logbook\Kind\Stage')
@use('Aequus\Logbook\Set\Bubble')
@use('Aequus\Logbook\Set\LeanWay')
@use('Aequus\Plan\Terms\Side')
@use('Aequus\Words\Bearing')
@use('App\View\Choices')
<h2>Read a face</h2>
<x-entry-form kind="plumb" name="plumb">
    <input type="hidden" name="post" value="{{ $post->label }}">@if ($page->walk)<input type="hidden" name="walk"
        value="{{ $page->walk->what }}">@endif
    @if ($plan->post->round)
        <x-radios name="bearing" form="plumb" label="Level held along; top goes toward"
            :value="$page->stands->lean->xRead && ! $page->stands->lean->yRead ? '90' : '0'" :options="Bearing::all($plan->sides)" />
        <x-radios name="leans" form="plumb" label="There it" value="" :options="['plumb' => 'is plumb', 'off' => 'leans that way']" />
    @else
        <x-radios name="face" form="plumb" label="Level held on" :value="($page->stands->nextFace() ?? Side::MinusY)->value"
            :options="Choices::sides($plan->sides, '%s face')" />
        <x-radios name="leans" form="plumb" label="Top" value=""
            :options="Choices::sides($plan->sides, 'to the %s') + ['plumb' => 'plumb', 'plumb_along' => 'plumb along the face']" />
    @endif
    <x-field name="gap" form="plumb" label="Off by" hint="The gap under the level; a bob’s distance; degrees. Nothing when plumb." :unit="$unit" wide
        />
    <x-field name="level" form="plumb" label="Over a length of" hint="The level, or the height of the bob."
        :value="$plan->write($page->stands->readOver() ?? $plan->notation->system()->spiritLevel)" :unit="$unit" />
    <details class="field-wide" @if ($errors->has('way') || $errors->has('bubble') || $errors->has('shim') || old('way', 'gap') !== 'gap') open
        @endif><summary>By a bob, an angle or the bubble; turned; another stage; who read</summary>
        <x-radios name="way" form="plumb" label="Read by" value="gap"
            :options="Choices::of(LeanWay::cases())" />
        <x-radios name="bubble" form="plumb" label="Bubble stands" value="on_the_line"
            :options="Choices::of(Bubble::cases())" />
        <x-field name="shim" form="plumb" label="Shim that brings it to the line" hint="Under one end of this level. Empty: 1/8 in for 2 ft."
            :unit="$unit" />
        <x-radios name="stage" form="plumb" label="The post is"
            :value="($page->walk?->what === 'after_fill' ? Stage::Filled : $page->stands->stageNow())->value"
            :options="Choices::of(Stage::cases())" />
        <label class="tick"><input type="checkbox" name="turned" value="1" @checked(old('turned'))> level turned end for end: counts with the reading
            before</label>
        <x-field name="read_by" form="plumb" label="Read by" hint="If not you." />
    </details>
    <button class="button button-yard">Write it down</button>
    <p class="hint">@if ($plan->post->round)A pole has no faces: any two directions tell how it leans, the further apart the better.@else
        A level’s edge on a face shows whether the top leans toward that face or away from it; a string, a bob or your eye along its edges shows the
        lean along it. Bowed or tapered timber: read two opposite faces, the middle of both counts.@endif</p>
</x-entry-form>
