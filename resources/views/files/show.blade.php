<x-layout :title="$say('files.title')" :site="$site" :phase="$phase">
    <section class="paper">
        <h1>{{ $say('files.title') }}</h1>
        <div class="scroll-x"><table>
            <thead><tr><th scope="col">{{ $say('files.file') }}</th><th scope="col">{{ $say('files.what_for') }}</th>
                <th scope="col"><span class="vh">{{ $say('files.take') }}</span></th></tr></thead>
            <tbody>@foreach ($page->files() as [$name, $for, $with, $at])<tr><th scope="row" class="wraps">{{ $name }}</th>
                <td class="reason">{{ $for }}<div class="muted">{{ $say('files.opens_with') }}: {{ $with }}</div></td>
                <td><a class="button button-second button-small" href="{{ $at }}" hx-boost="false" aria-label="{{ $say('files.take') }}: {{ $name
                    }}">{{ $say('files.take') }}</a></td></tr>@endforeach</tbody>
        </table></div>
    </section>
</x-layout>
