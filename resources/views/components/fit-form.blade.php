@props(['site'])
<details class="change" @if (old('form') === 'fit') open @endif>
    <summary>What must fit between posts</summary>
    <form method="post" action="{{ route('plan.fit', $site->job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="fit"><input type="hidden" name="what" value="thing"><input type="hidden" name="based_on"
            value="{{ $site->job->revision->number }}">
        <x-field name="fit_name" form="fit" label="Machine, sheet, panel or gate" wide />
        <x-posts name="fit_from" form="fit" label="Between" :posts="$site->plan->grid->posts" />
        <x-posts name="fit_to" form="fit" label="and" :posts="$site->plan->grid->posts" :value="$site->plan->grid->posts[1]->label ?? ''" />
        <x-field name="fit_width" form="fit" label="Its width, with all that is on it" :unit="$site->plan->notation->unit" />
        <x-field name="fit_margin" form="fit" label="Margin on each side" :unit="$site->plan->notation->unit" />
        <x-field name="fit_fixed" form="fit" label="Fixed to the posts, in all" hint="Battens, hinges: reaching in."
            :unit="$site->plan->notation->unit" />
        <x-field name="fit_most" form="fit" label="Widest gap in all" hint="Only where it is to be fixed." :unit="$site->plan->notation->unit" />
        <button class="button button-second">It must fit</button>
    </form>
</details>
