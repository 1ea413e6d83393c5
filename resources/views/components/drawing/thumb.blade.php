@props(['model', 'posts' => null])
<svg viewBox="0 0 {{ $model->frame::WIDTH }} {{ $model->frame->height }}" class="plan-drawing thumb" aria-hidden="true" focusable="false">
    @foreach ($model->strings as $line)
        <line class="{{ $line->class }}" x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}" y2="{{ $line->y2 }}" />
    @endforeach
    @foreach ($posts ?? $model->posts as $p)
        <g class="post post-{{ $p->shape }}"><circle class="hole" cx="{{ $p->x }}" cy="{{ $p->y }}" r="{{ $model->holeRadius + 6 }}" />
            <rect class="stake" x="{{ $p->x - 9 }}" y="{{ $p->y - 9 }}" width="18" height="18" /></g>
    @endforeach
</svg>
