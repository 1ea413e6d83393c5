@use('Aequus\Plan\Holding\Hold')
@use('App\View\Choices')
<x-choice wide form="sum" name="hold" :label="$say('holding.hold_choice.posts_are_held')" :value="$value"
    :options="['' => $site->plan->holding ? $say('holding.hold_choice.as_decided')
        : $say('holding.hold_choice.in_concrete_nothing_is_decided')] + Choices::of(Hold::cases(), $say('holding.hold_choice.all_s'))" />
