@props(['model'])
<figure class="drawing">
    <svg viewBox="0 0 {{ $model::WIDTH }} {{ $model::HEIGHT }}" class="section-drawing" role="group" aria-label="Section along {{ $model->choices[$model->shown] }}" data-roving>
        <polygon class="earth" points="{{ $model->groundArea }}" />
        @if ($model->planeY !== null)<line class="plane" x1="0" y1="{{ $model->planeY }}" x2="{{ $model::WIDTH }}" y2="{{ $model->planeY }}" /><text class="plane-label" x="6" y="{{ $model->planeY - 5 }}">plane of the feet</text>@endif
        @foreach ($model->holes as $hole)
            <g tabindex="0" role="img" class="hole-in-section is-{{ $hole->state }}" aria-label="{{ $hole->post->label }}: {{ $hole->state === 'to-dig' ? 'to dig' : ($hole->state === 'dug' ? 'dug, deep enough' : 'dug, too shallow') }}">
                <rect class="pit" x="{{ $hole->x - $hole->half }}" y="{{ $hole->groundY }}" width="{{ $hole->half * 2 }}" height="{{ max(1, $hole->bottomY - $hole->groundY) }}" />
                @if ($hole->state === 'short')<rect class="missing" x="{{ $hole->x - $hole->half }}" y="{{ $hole->bottomY }}" width="{{ $hole->half * 2 }}" height="{{ max(1, $hole->requiredY - $hole->bottomY) }}" />@endif
                <rect class="gravel" x="{{ $hole->x - $hole->half }}" y="{{ $hole->padY }}" width="{{ $hole->half * 2 }}" height="{{ max(0, $hole->bottomY - $hole->padY) }}" />
                <rect class="pad" x="{{ $hole->x - $hole->half * .85 }}" y="{{ $hole->footY }}" width="{{ $hole->half * 1.7 }}" height="{{ max(0, $hole->padY - $hole->footY) }}" />
                <rect class="timber {{ $hole->set ? '' : 'is-planned' }}" x="{{ $hole->x - $hole->postHalf }}" y="0" width="{{ $hole->postHalf * 2 }}" height="{{ $hole->footY }}" />
                <text class="section-label" x="{{ $hole->x + $hole->half + 5 }}" y="{{ $hole->groundY - 8 }}">{{ $hole->post->label }}</text>
                <text class="section-depth" x="{{ $hole->x + $hole->half + 5 }}" y="{{ ($hole->groundY + $hole->requiredY) / 2 + 5 }}">{!! $hole->depth !!}</text>
            </g>
        @endforeach
        @if ($model->frostLine)<polyline class="frost" points="{{ $model->frostLine }}" /><text class="frost-label" x="6" y="{{ (float) explode(',', explode(' ', $model->frostLine)[0])[1] - 5 }}">frost line</text>@endif
        <polyline class="ground" points="{{ $model->groundLine }}" />
    </svg>
    <figcaption class="legend"><span>heights drawn {{ $model->factor }} times as large as lengths</span><span><i class="box box-gravel"></i> gravel</span><span><i class="box box-pad"></i> pad</span><span><i class="box box-pit"></i> dug</span><span><i class="box box-todig"></i> to dig</span><span><i class="box box-missing"></i> still missing</span></figcaption>
</figure>
