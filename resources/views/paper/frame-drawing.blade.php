@props(['model'])
<svg xmlns="http://www.w3.org/2000/svg" width="{{ $model::WIDTH }}" height="{{ $model->height }}"
    font-size="17" font-family="DejaVu Sans" fill="#14201a">
    @if ($model->ground !== null)<line x1="0" y1="{{ $model->ground }}" x2="{{ $model::WIDTH }}" y2="{{ $model->ground }}" stroke="#8a8f88"
        stroke-width="1.5" />@endif
    @foreach ($model->pieces as $piece)<path d="{{ $piece['d'] }}" stroke="#14201a" stroke-width="1.2" stroke-linejoin="round"
        fill="{{ str_contains($piece['class'], 'is-built') ? '#d9c79c' : '#ffffff' }}" />@endforeach
    @foreach ($model->told as $one)
        <line x1="{{ $one['x1'] }}" y1="{{ $one['y1'] }}" x2="{{ $one['x2'] }}" y2="{{ $one['y2'] }}" stroke="#14201a" stroke-width="1" />
        <path d="{{ $one['ticks'] }}" stroke="#14201a" stroke-width="1.4" fill="none" />
        <text x="{{ $one['labelX'] }}" y="{{ $one['labelY'] }}" text-anchor="{{ $one['anchor'] }}">{{ $one['words'] }}</text>
    @endforeach
</svg>
