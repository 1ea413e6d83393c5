@props(['model', 'thumb' => false])
<svg viewBox="0 0 {{ $model::WIDTH }} {{ $model->height }}" class="profile {{ $thumb ? 'profile-thumb' : '' }}" @if ($thumb) aria-hidden="true"
    focusable="false" @else role="img" aria-label="{{ $say('thing.profile.from_the_side', told: $model->words()) }}" @endif>
    <rect class="profile-ground" x="0" y="{{ $model->groundY }}" width="{{ $model::WIDTH }}" height="{{ $model->below() }}" />
    @foreach ($model->boxes as $box)
        <rect class="{{ $box['class'] }}" x="{{ $box['x'] }}" y="{{ $box['y'] }}" width="{{ $box['width'] }}" height="{{ $box['height'] }}" />
    @endforeach
    @foreach ($model->slopes as $one)
        <line class="{{ $one['class'] }}" x1="{{ $one['x1'] }}" y1="{{ $one['y1'] }}" x2="{{ $one['x2'] }}" y2="{{ $one['y2'] }}" />
    @endforeach
    <line class="profile-line" x1="0" y1="{{ $model->groundY }}" x2="{{ $model::WIDTH }}" y2="{{ $model->groundY }}" />
    @unless ($thumb) @foreach ($model->told as $one)
        <line class="profile-told" x1="{{ $one['x1'] }}" y1="{{ $one['y1'] }}" x2="{{ $one['x2'] }}" y2="{{ $one['y2'] }}" />
        <path class="profile-told" d="{{ $one['ticks'] }}" />
        <text x="{{ $one['labelX'] }}" y="{{ $one['labelY'] }}" text-anchor="{{ $one['anchor'] }}">{!! $one['label'] !!}</text>
    @endforeach @endunless
</svg>
