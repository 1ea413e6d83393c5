@props(['model'])
<svg viewBox="0 0 {{ $model->width }} {{ $model->height }}" width="{{ $model->width }}" height="{{ $model->height }}" class="days-drawing"
    role="img" aria-label="{{ $say('days.drawn', told: $model->words()) }}">
    @foreach ($model->hours() as [$y, $text, $hour])<text class="days-hour" x="0" y="{{ $text }}">{{ $hour }}</text>@endforeach
    @foreach ($model->days as $day)
        <rect class="days-light {{ $day['isWorked'] ? '' : 'is-rest' }}" x="{{ $day['x'] }}" y="{{ $day['lightY'] }}" width="{{ $model->hole() }}"
            height="{{ $day['lightHeight'] }}" />
        @foreach ($day['waits'] as [$y, $height])@foreach ($model->hatch($day['x'], $y, $height) as $d)<path class="days-wait"
            d="{{ $d }}" />@endforeach @endforeach
        @foreach ($day['parts'] as [$y, $height])<rect class="days-work" x="{{ $day['x'] + 6 }}" y="{{ $y }}" width="{{ $model->hole() - 12 }}"
            height="{{ $height }}" />@endforeach
        <text class="days-day" x="{{ $day['x'] }}" y="16">{{ $day['day'] }}</text>
        <text class="days-warmth" x="{{ $day['x'] }}" y="34">{{ $day['low'] }}</text>
        <text class="days-warmth" x="{{ $day['x'] }}" y="50">{{ $day['high'] }}</text>
        @foreach ($day['sky'] as $sky)<text class="days-warmth" x="{{ $day['x'] }}" y="{{ 66 + 16 * $loop->index }}">{{ $sky }}</text>@endforeach
    @endforeach
    <line class="days-string" x1="18" y1="{{ $model::STRING - 6 }}" x2="{{ $model->right() }}" y2="{{ $model::STRING - 6 }}" />
</svg>
