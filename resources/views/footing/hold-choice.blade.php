@use('Aequus\Plan\Holding\Hold')
@use('Aequus\Words\Names')
<x-choice wide form="sum" name="hold" label="Posts are held" :value="$value"
    :options="['' => $site->plan->holding ? 'as decided' : 'in concrete, nothing is decided'] + collect(Hold::cases())->mapWithKeys(fn ($one) =>
    [$one->value => 'all: '.Names::of($one)])->all()" />
