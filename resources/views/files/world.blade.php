<x-layout :title="$say('files.world')" :site="$site" :phase="$phase">
    <div class="two days">
        <section class="paper files">
            <h1>{{ $say('files.world') }}</h1>
            <p><a href="{{ route('files', $job) }}">{{ $say('files.title') }}</a></p>
            @if ($page->residuals() === [])<p class="verdict-why">{{ $say('files.world_none') }}</p>
            @else
                <p class="verdict-why">{{ $page->ratio() }} {{ $say('files.world_grid') }}</p>
                <table><thead><tr><th scope="col">{{ $say('files.world_post') }}</th>
                    <th scope="col" class="num">{{ $say('files.world_off') }}</th></tr></thead>
                    <tbody>@foreach ($page->residuals() as [$label, $off])<tr><th scope="row">{{ $label }}</th>
                        <td class="num"><x-length :of="$off" :plan="$plan" /></td></tr>@endforeach</tbody></table>
                @if ($page->world->holds())
                    <h2>{{ $say('files.world_take') }}</h2>
                    <form method="get" action="{{ route('files.stakes', $job) }}" class="entry" hx-boost="false">
                        <x-choice form="stakes" name="order" :label="$say('files.world_order')" value="penzd" :options="$orders" />
                        <x-choice form="stakes" name="separator" :label="$say('files.world_separator')" value="comma" :options="$separators" />
                        <button class="button button-second">{{ $say('files.world_stakes') }}</button>
                    </form>
                    <p><a class="button button-second" href="{{ route('files.landxml', $job) }}"
                        hx-boost="false">{{ $say('files.world_landxml') }}</a>
                        <a class="button button-second" href="{{ route('files.geojson', $job) }}"
                            hx-boost="false">{{ $say('files.world_geojson') }}</a></p>
                    <h2>{{ $say('files.staked') }}</h2>
                    <form method="post" action="{{ route('files.staked', $job) }}" class="entry" enctype="multipart/form-data" hx-boost="false">
                        @csrf <x-file-field name="staked" :label="$say('files.staked_file')" accept=".csv,.txt,.asc,.pts,text/csv,text/plain" />
                        <x-choice form="staked" name="order" :label="$say('files.world_order')" value="penzd" :options="$orders" />
                        <button class="button button-second">{{ $say('files.staked_go') }}</button>
                    </form>
                    @if ($isAtHand)<form method="post" action="{{ route('files.station', $job) }}" class="reader">@csrf
                        <button class="button button-second">{{ $isMadeUp ? $say('practice.station_made_up') : $say('practice.station')
                        }}</button></form>@endif
                    @if ($page->zeroHeight() !== '')<h2>{{ $say('files.surface') }}</h2>
                        <form method="post" action="{{ route('files.surface', $job) }}" class="entry" enctype="multipart/form-data" hx-boost="false">
                            @csrf <x-file-field name="surface" :label="$say('files.surface_file')" accept=".xml,.landxml" />
                            <button class="button button-second">{{ $say('files.staked_go') }}</button>
                        </form>@endif
                    @if ($cameIn > 0)<form method="post" action="{{ route('files.staked.out', $job) }}" class="reader">@csrf
                        <button class="button button-second">{{ $say('files.staked_out', count: $cameIn) }}</button></form>@endif
                @else<p class="refusal">{{ $say('files.world_no_longer') }}</p>@endif
            @endif
        </section>
        <div class="side-work">
            <form method="post" action="{{ route('files.world.keep', $job) }}" class="entry">
                @csrf <input type="hidden" name="form" value="world"><input type="hidden" name="based_on"
                    value="{{ old('based_on', $job->revision->number) }}">
                <h2 class="field-wide">{{ $say('files.world_points') }}</h2>
                <p class="hint field-wide">{{ $say('files.world_points_why') }}</p>
                @foreach ($page->lines() as [$i, $post, $east, $north])
                    <x-choice wide form="world" :name="'post_'.$i" :label="$say('files.world_post_number', number: $i)" :value="$post"
                        :options="$page->posts()" />
                    <x-field form="world" :name="'east_'.$i" :label="$say('files.world_east', unit: $page->unit)" :value="$east"
                        inputmode="decimal" />
                    <x-field form="world" :name="'north_'.$i" :label="$say('files.world_north', unit: $page->unit)" :value="$north"
                        inputmode="decimal" />
                @endforeach
                <x-field wide form="world" name="zero_height" :label="$say('files.world_height', unit: $page->unit)"
                    :hint="$say('files.world_height_why')" :value="$page->zeroHeight()" inputmode="decimal" />
                <x-field form="world" name="factor" :label="$say('files.world_factor')" :hint="$say('files.world_factor_why')"
                    :value="$page->place()->factor" inputmode="decimal" />
                <x-field form="world" name="system" :label="$say('files.world_system')" :hint="$say('files.world_system_why')"
                    :value="$page->place()->system" inputmode="numeric" />
                <button class="button">{{ $say('files.world_keep') }}</button>
            </form>
        </div>
    </div>
</x-layout>
