<x-layout :title="$say('files.surface')" :site="$site" :phase="$phase">
    <section class="paper files">
        <h1>{{ $say('files.surface') }}</h1>
        <p><a href="{{ route('files.world', $job) }}">{{ $say('files.world') }}</a></p>
        @foreach ($read->beside as $post)<p class="refusal">{{ $say('files.surface_beside_post',
            post: $post->label) }}</p>@endforeach
        <div class="scroll-x"><table><thead><tr>
            <th scope="col">{{ $say('page.post') }}</th><th scope="col" class="num">{{ $say('files.surface_says') }}</th>
            <th scope="col" class="num">{{ $say('files.surface_read') }}</th></tr></thead>
            <tbody>@foreach ($read->heights as [$post, $height])<tr><th scope="row">{{ $post->label }}</th>
                <td class="num"><x-length :of="$height" :plan="$plan" /></td>
                <td class="num">@if ($ground[$post] ?? null)<x-length :of="$ground[$post]" :plan="$plan" />@else — @endif</td></tr>@endforeach
            </tbody></table></div>
        <form method="post" action="{{ route('files.surface.keep', $job) }}" class="entry">@csrf
            <p class="hint field-wide">{{ $say('files.surface_why') }}</p>
            <button class="button">{{ $say('files.staked_keep') }}</button></form>
    </section>
</x-layout>
