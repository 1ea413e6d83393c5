<x-layout :title="$say('files.staked')" :site="$site" :phase="$phase">
    <section class="paper files">
        <h1>{{ $say('files.staked_read', count: count($page->stakes())) }}</h1>
        <p><a href="{{ route('files.world', $job) }}">{{ $say('files.world') }}</a></p>
        @if ($page->lacking() !== '')<p>{{ $page->lacking() }}</p>@endif
        @if ($page->left() !== [])<h2>{{ $say('files.staked_left') }}</h2>
            <ul class="rows">@foreach ($page->left() as [$line, $why])<li><b>{{ $line }}</b> {{ $why }}</li>@endforeach</ul>@endif
        @if ($page->stakes() !== [])
            <div class="scroll-x"><table><thead><tr><th scope="col">{{ $say('page.post') }}</th>
                <th scope="col" class="num">{{ $say('files.staked_toward', side: $plan->sides->plusX) }}</th>
                <th scope="col" class="num">{{ $say('files.staked_toward', side: $plan->sides->plusY) }}</th></tr></thead>
                <tbody>@foreach ($page->stakes() as [$label, $x, $y])<tr><th scope="row">{{ $label }}</th>
                    <td class="num"><x-length :of="$x" :plan="$plan" /></td><td class="num"><x-length :of="$y" :plan="$plan" /></td></tr>@endforeach
                </tbody></table></div>
            <form method="post" action="{{ route('files.staked.keep', $job) }}" class="entry">
                @csrf <input type="hidden" name="table" value="{{ $page->table }}"><input type="hidden" name="order" value="{{ $page->order }}">
                <x-choice name="class" form="staked" :label="$say('files.staked_class')" value="laser_meter" :options="$classes" />
                <p class="hint field-wide">{{ $say('files.staked_why') }}</p>
                <button class="button">{{ $say('files.staked_keep') }}</button>
            </form>
        @endif
    </section>
</x-layout>
