@props(['model', 'view'])
<svg viewBox="0 0 {{ $model::WIDTH }} {{ $model->height }}" class="frame-drawing" role="img"
    aria-label="{{ $say('frame.drawn_like', view: $view, told: $model->words()) }}">
    @if ($model->ground !== null)<line class="profile-line" x1="0" y1="{{ $model->ground }}" x2="{{ $model::WIDTH }}"
        y2="{{ $model->ground }}" />@endif
    @foreach ($model->pieces as $piece)<path class="{{ $piece['class'] }}" d="{{ $piece['d'] }}" />@endforeach
    @foreach ($model->told as $one)
        <line class="profile-told" x1="{{ $one['x1'] }}" y1="{{ $one['y1'] }}" x2="{{ $one['x2'] }}" y2="{{ $one['y2'] }}" />
        <path class="profile-told" d="{{ $one['ticks'] }}" />
        <text x="{{ $one['labelX'] }}" y="{{ $one['labelY'] }}" text-anchor="{{ $one['anchor'] }}">{!! $one['label'] !!}</text>
    @endforeach
</svg>
