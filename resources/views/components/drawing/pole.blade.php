@use('Illuminate\Support\Str')
@props(['model'])
<figure class="drawing pole">
    <svg viewBox="0 0 210 {{ $model->height() }}" class="pole-drawing" role="img"
        aria-label="{{ $say('components.drawing.pole.story_pole_cut_marks_above') }}">
        <rect class="timber" x="14" y="10" width="34" height="{{ $model->datumY() + 24 }}" />
        <line class="datum" x1="0" y1="{{ $model->datumY() }}" x2="240" y2="{{ $model->datumY() }}" />
        <text class="pole-label" x="92" y="{{ $model->datumY() + 18 }}">{{ $say('page.datum_line') }}</text>
        @foreach ($model->marks as $mark)
            <path class="pole-mark {{ $mark->short ? 'is-short' : '' }}" d="M14 {{ $mark->y }} H56 L82 {{ $mark->labelY }} H88" />
            <text class="pole-height" x="92" y="{{ $mark->labelY + 5 }}">{!! $mark->height !!}</text>
            <text class="pole-posts" x="92" y="{{ $mark->labelY + 22 }}">{{ Str::limit($mark->posts, 19, '…') }}</text>
        @endforeach
    </svg>
</figure>
