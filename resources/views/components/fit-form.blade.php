@props(['site'])
<details class="change" @if (old('form') === 'fit') open @endif>
    <summary>{{ $say('components.fit_form.what_must_fit_between_posts') }}</summary>
    <form method="post" action="{{ route('plan.fit', $site->job) }}" class="entry">
        @csrf <input type="hidden" name="form" value="fit"><input type="hidden" name="what" value="thing"><input type="hidden" name="based_on"
            value="{{ $site->job->revision->number }}">
        <x-field name="fit_name" form="fit" :label="$say('components.fit_form.machine_sheet_panel_or_gate')" wide />
        <x-posts name="fit_from" form="fit" :label="$say('page.between')" :posts="$site->plan->grid->posts" />
        <x-posts name="fit_to" form="fit" :label="$say('components.fit_form.and')" :posts="$site->plan->grid->posts"
            :value="$site->plan->grid->posts[1]->label ?? ''" />
        <x-field name="fit_width" form="fit" :label="$say('components.fit_form.its_width_with_all_that')" :unit="$site->plan->notation->unit" />
        <x-field name="fit_margin" form="fit" :label="$say('components.fit_form.margin_on_each_side')" :unit="$site->plan->notation->unit" />
        <x-field name="fit_fixed" form="fit" :label="$say('components.fit_form.fixed_to_the_posts_in')"
            :hint="$say('components.fit_form.battens_hinges_reaching_in')"
            :unit="$site->plan->notation->unit" />
        <x-field name="fit_most" form="fit" :label="$say('components.fit_form.widest_gap_in_all')"
            :hint="$say('components.fit_form.only_where_it_is_to')" :unit="$site->plan->notation->unit" />
        <x-field name="fit_low" form="fit" :label="$say('components.fit_form.free_from')" :hint="$say('components.fit_form.free_from_why')"
            :unit="$site->plan->notation->unit" />
        <x-field name="fit_high" form="fit" :label="$say('components.fit_form.free_to')" :hint="$say('components.fit_form.free_to_why')"
            :unit="$site->plan->notation->unit" />
        <button class="button button-second">{{ $say('components.fit_form.it_must_fit') }}</button>
    </form>
</details>
