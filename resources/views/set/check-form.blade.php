@use('Aequus\Logbook\Set\CheckRoute')
@use('Aequus\Words\Logbook\CheckRouteWords')
@use('Aequus\Words\Names')
@use('App\View\Choices')
<h2>{{ $say('set.check_form.before_one_measure_again_another', what: Names::of($before)) }}</h2>
<x-entry-form kind="cross_checked" name="check">
    <input type="hidden" name="before" value="{{ $before->value }}">
    <x-choice wide name="route" form="check" :label="$say('set.check_form.taken_again')"
        :options="Choices::of(CheckRoute::before($before, $site->plan->grid))" />
    <x-field name="off" form="check" :label="$say('set.check_form.it_differs_from_the_book')"
        :hint="$say('set.check_form.within_it_counts_as_agreed', write: $site->plan->closest())"
            :unit="$site->plan->notation->unit" wide />
    <button class="button">{{ $say('page.write_it_down') }}</button>
    <p class="hint field-wide">{{ $say('set.check_form.what_it_catches') }}
        @foreach (CheckRoute::before($before, $site->plan->grid) as $route){{ Names::of($route) }}:
        {{ CheckRouteWords::catches($route) }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>
</x-entry-form>
