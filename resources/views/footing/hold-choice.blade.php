@use('Aequus\Plan\Holding\Hold')
@use('App\View\Choices')
<x-choice wide form="sum" name="hold" label="Posts are held" :value="$value"
    :options="['' => $site->plan->holding ? 'as decided' : 'in concrete, nothing is decided'] + Choices::of(Hold::cases(), 'all: %s')" />
