<x-layout title="Stake sheet" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="square.sheet" />
    <section class="paper sheet">
        <h1>Stake sheet <span class="h-note">{{ $job->name }}, plan revision {{ $job->revision->number }}</span></h1>
        <p class="verdict-why">Marks from the centre of {{ $plan->grid->posts[0]->label }}: along the base line ({{ $plan->sides->minusY }} side),
            then toward the {{ $plan->sides->plusY }}. @if ($hold)Diagonal marks from {{ $hold->p->label }} and {{ $hold->q->label }}. @endif
            Tolerance <x-length :of="$plan->tolerances->squareness" :plan="$plan"
            />. @if ($outline->width->isPositive() && $outline->length->isPositive())Diagonals of the strings <b><x-length :of="$outline->diagonal"
            :plan="$plan" /></b>.@endif</p>
        <p class="no-print"><b><x-words :say="$words->title" /></b>. This page prints on one sheet, from the browser’s own print command.</p>
        <table class="stakes {{ count($plan->grid->posts) > 24 ? 'stakes-small' : '' }}">
            <thead><tr><th scope="col">Stake</th><th scope="col" class="num">along</th><th scope="col" class="num">away</th>@if ($hold)
                <th scope="col" class="num">from {{ $hold->p->label }}</th><th scope="col" class="num">from {{ $hold->q->label }}</th>@endif
                <th scope="col">Move</th><th scope="col">Set</th><th scope="col">Checked</th></tr></thead>
            <tbody>
                @foreach ($plan->grid->posts as $post)
                    <tr><th scope="row">{{ $post->label }}</th><td class="num"><x-length :of="$post->at->x" :plan="$plan" /></td>
                        <td class="num"><x-length :of="$post->at->y" :plan="$plan" /></td>
                        @if ($hold)<td class="num">@if ($hold->of($post))<x-length :of="$hold->of($post)->fromP" :plan="$plan"
                            />@else — @endif</td><td class="num">@if ($hold->of($post))<x-length :of="$hold->of($post)->fromQ"
                            :plan="$plan" />@else — @endif</td>@endif
                        <td>{!! $moves[$post->id->value] ?? '' !!}</td><td><span class="tickbox"></span></td>
                            <td><span class="tickbox"></span></td></tr>
                @endforeach
            </tbody>
        </table>
    </section>
</x-layout>
