<x-layout :title="$say('plan.preview_page.the_plan_as_typed')">
    <div class="narrow-wide">
        <h1>{{ $say('plan.preview_page.the_plan_as_typed') }}</h1>
        <p>{{ $say('plan.preview_page.nothing_is_stored_yet_go') }}</p>
        @include('plan.preview')
    </div>
</x-layout>
