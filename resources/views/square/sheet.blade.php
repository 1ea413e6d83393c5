<x-layout :title="$say('components.ways.square.sheet')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.sheet" />
    <section class="paper sheet">
        <h1>{{ $say('components.ways.square.sheet') }} <span
            class="h-note">{{ $say('square.sheet.plan_revision', name: $job->name, number: $job->revision->number) }}</span></h1>
        <p class="verdict-why">{{ $say('square.sheet.marks_from_the_centre_of', label: $plan->grid->posts[0]->label, minus_y: $plan->sides->minusY,
            plus_y: $plan->sides->plusY) }} @if ($hold){{ $say('square.sheet.diagonal_marks_from_and', label: $hold->p->label,
                label_b: $hold->q->label) }} @endif
            {{ $say('square.sheet.tolerance', squareness: $plan->tolerances->squareness) }}
                @if ($outline->width->isPositive() && $outline->length->isPositive()){{ $say('square.sheet.diagonals_of_the_strings_b',
                    diagonal: $outline->diagonal) }}@endif</p>
        <p class="no-print">{{ $say('square.sheet.b_b_this_page_prints', title: $words->title) }}</p>
        <table class="stakes {{ count($plan->grid->posts) > 24 ? 'stakes-small' : '' }}">
            <thead><tr><th scope="col">{{ $say('page.stake') }}</th><th scope="col" class="num">{{ $say('square.sheet.along') }}</th>
                <th scope="col" class="num">{{ $say('square.sheet.away') }}</th>@if ($hold)
                <th scope="col" class="num">{{ $say('page.from_post', label: $hold->p->label) }}</th>
                    <th scope="col" class="num">{{ $say('page.from_post', label: $hold->q->label) }}</th>@endif
                <th scope="col">{{ $say('square.sheet.move') }}</th><th scope="col">{{ $say('page.set') }}</th>
                    <th scope="col">{{ $say('square.sheet.checked') }}</th></tr></thead>
            <tbody>
                @foreach ($plan->grid->posts as $post)
                    <tr><th scope="row">{{ $post->label }}</th><td class="num"><x-length :of="$post->at->x" :plan="$plan" /></td>
                        <td class="num"><x-length :of="$post->at->y" :plan="$plan" /></td>
                        @if ($hold)<td class="num">@if ($hold->numberOf($post))<x-length :of="$hold->numberOf($post)->fromP" :plan="$plan"
                            />@else — @endif</td><td class="num">@if ($hold->numberOf($post))<x-length :of="$hold->numberOf($post)->fromQ"
                            :plan="$plan" />@else — @endif</td>@endif
                        <td>{!! $moves[$post->id->value] ?? '' !!}</td><td><span class="tickbox"></span></td>
                            <td><span class="tickbox"></span></td></tr>
                @endforeach
            </tbody>
        </table>
    </section>
</x-layout>
