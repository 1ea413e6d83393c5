<x-layout :title="$say('files.drawn')" :site="$site" :phase="$phase">
    <section class="paper">
        <h1>{{ $say('files.drawn') }}</h1>
        <p class="verdict-why">{{ $say('files.drawn_why') }}</p>
        @if ($page->left() !== [])<ul class="rows">@foreach ($page->left() as $left)<li>{{ $left }}</li>@endforeach</ul>@endif
        <form method="post" action="{{ route('files.drawing.keep', $job) }}" class="entry">
            @csrf <input type="hidden" name="token" value="{{ $page->token }}"><input type="hidden" name="form" value="drawn">
            <input type="hidden" name="based_on" value="{{ $job->revision->number }}">
            @foreach ($page->layers() as [$i, $name, $says, $role])<x-choice wide form="drawn" :name="'layer_'.$i"
                :label="$say('files.drawn_layer', name: $name, says: $says)" :value="$role" :options="$page->roles()" />@endforeach
            <x-choice form="drawn" name="unit" :label="$say('files.drawn_unit')" :value="$page->unit($usual)" :options="$page::UNITS" />
            <x-choice form="drawn" name="frame" :label="$say('files.drawn_frame')" :value="$page->isWorld() ? 'world' : 'plan'"
                :options="$frames" />
            <x-field wide form="drawn" name="no_dig" :label="$say('clear.show.no_dig_each_side')" :hint="$say('files.drawn_no_dig')"
                :unit="$unit" />
            <button class="button">{{ $say('files.drawn_keep') }}</button>
        </form>
    </section>
</x-layout>
