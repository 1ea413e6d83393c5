<x-layout :title="$say('files.title')" :site="$site" :phase="$phase">
    <section class="paper files">
        <h1>{{ $say('files.title') }}</h1>
        <div class="scroll-x"><table>
            <thead><tr><th scope="col">{{ $say('files.file') }}</th><th scope="col">{{ $say('files.what_for') }}</th>
                <th scope="col"><span class="vh">{{ $say('files.take') }}</span></th></tr></thead>
            <tbody>@foreach ($page->files() as [$name, $for, $with, $ways])<tr><th scope="row" class="wraps">{{ $name }}</th>
                <td class="reason">{{ $for }}<div class="muted">{{ $say('files.opens_with') }}: {{ $with }}</div></td>
                <td><div class="stack">@foreach ($ways as [$way, $at])<a class="button button-second button-small" href="{{ $at }}"
                    hx-boost="false" aria-label="{{ $way }}: {{ $name }}">{{ $way }}</a>@endforeach</div></td></tr>@endforeach</tbody>
        </table></div>
        <h2>{{ $say('files.sheets') }}</h2>
        <p class="hint">{{ $say('files.sheets_why') }}</p>
        <form method="get" action="{{ route('files.packet', $job) }}" class="entry" hx-boost="false">
            <div class="field-wide sheets">@foreach ($page->sheets() as $sheet => $name)<label class="tick"><input
                type="checkbox" name="sheet_{{ $sheet }}" value="1"> {{ $name }}</label>@endforeach</div>
            <div class="stack">@foreach ($page->papers() as $paper)<button class="button button-second" name="paper" value="{{ $paper->value
                }}">{{ $say('files.sheets_print') }}, {{ $page::on($paper) }}</button>@endforeach</div>
        </form>
        <p>{{ $say('files.type_in') }} @foreach ($page->rounds() as $kind => $name)<a class="jump"
            href="{{ route('round', [$job, $kind]) }}">{{ $name }}</a> @endforeach</p>
        <h2>{{ $say('files.points_in') }}</h2>
        <p class="hint">{{ $say('files.points_in_why') }}</p>
        <form method="post" action="{{ route('files.read', $job) }}" class="stack" enctype="multipart/form-data" hx-encoding="multipart/form-data">
            @csrf <x-file-field name="points" :label="$say('files.file')" accept=".csv,.txt,text/csv" />
            <button class="button button-second">{{ $say('files.points_read') }}</button>
        </form>
        <h2>{{ $say('files.drawn_in') }}</h2>
        <p class="hint">{{ $say('files.drawn_in_why') }}</p>
        <form method="post" action="{{ route('files.drawing.read', $job) }}" class="stack" enctype="multipart/form-data"
            hx-encoding="multipart/form-data">
            @csrf <x-file-field name="drawing" :label="$say('files.file')" accept=".dxf,.xml,.landxml" />
            <button class="button button-second">{{ $say('files.drawn_read') }}</button>
        </form>
        @if ($cameIn)<form method="post" action="{{ route('files.drawing.out', $job) }}" class="reader">@csrf
            <button class="button button-second">{{ $say('files.drawn_out') }}</button></form>@endif
        <h2>{{ $say('files.tags') }}</h2>
        <p class="hint">{{ $say('files.tags_why') }}</p>
        <form method="get" action="{{ route('files.tags', $job) }}" class="entry" hx-boost="false">
            <x-field wide form="tags" name="address" :label="$say('files.tags_address')" :hint="$say('files.tags_address_why')" :value="$root" />
            <div class="stack">@foreach ($page->papers() as $paper)<button class="button button-second" name="paper" value="{{ $paper->value
                }}">{{ $say('files.tags_make') }}, {{ $page::on($paper) }}</button>@endforeach</div>
        </form>
    </section>
</x-layout>
