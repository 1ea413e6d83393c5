@use('Aequus\Logbook\Set\CheckRoute')
@use('Aequus\Words\Logbook\CheckRouteWords')
@use('Aequus\Words\Names')
@use('App\View\Choices')
<h2>Before {{ Names::of($before) }}: one measure again, another way</h2>
<x-entry-form kind="cross_checked" name="check">
    <input type="hidden" name="before" value="{{ $before->value }}">
    <x-choice wide name="route" form="check" label="Taken again"
        :options="Choices::of(CheckRoute::before($before, $site->plan->grid))" />
    <x-field name="off" form="check" label="It differs from the book by"
        :hint="'Within '.$site->plan->write($site->plan->tolerances->squareness).' it counts as agreed.'" :unit="$site->plan->notation->unit" wide />
    <button class="button">Write it down</button>
    <p class="hint field-wide">What it catches: @foreach (CheckRoute::before($before, $site->plan->grid) as $route){{ Names::of($route) }}:
        {{ CheckRouteWords::catches($route) }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>
</x-entry-form>
