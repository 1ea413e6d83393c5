@use('Aequus\Words\Names')
@props(['model', 'field' => null])
<figure class="drawing">
    <svg viewBox="0 0 {{ $model::WIDTH }} {{ $model::HEIGHT }}" width="{{ max(540, 60 * count($model->holes)) }}" class="section-drawing" role="group"
        aria-label="{{ $say('components.drawing.section.section_along', shown: $model->choices[$model->shown]) }}" data-roving>
        <defs>
            <pattern id="m-concrete" width="9" height="9" patternUnits="userSpaceOnUse"><rect width="9" height="9" fill="#d6d2c6" />
                <path d="M1.5 2.5h2.4l-1.2 2zM6 6.2h1.6l-.8 1.5z" fill="#7c7a72" /></pattern>
            <pattern id="m-gravel" width="8" height="8" patternUnits="userSpaceOnUse"><rect width="8" height="8" fill="#b9b3a4" />
                <circle cx="2" cy="2.4" r="1.6" fill="#8f897a" /><circle cx="6" cy="6" r="1.4" fill="#9c9687" /></pattern>
            <pattern id="m-earth" width="10" height="9" patternUnits="userSpaceOnUse"><rect width="10" height="9" fill="#c9a784" />
                <path d="M0 8.5h10" stroke="#8a5a34" stroke-width="1" /><path d="M2 3l2 2M7 2l1.6 1.6" stroke="#8a5a34" stroke-width=".8" /></pattern>
            <pattern id="m-foam" width="8" height="8" patternUnits="userSpaceOnUse"><rect width="8" height="8" fill="#f3ead0" />
                <circle cx="2.4" cy="2.4" r="1.8" fill="none" stroke="#a08f5a" stroke-width=".8" /><circle cx="6.2" cy="6" r="1.3" fill="none"
                stroke="#a08f5a" stroke-width=".8" /></pattern>
        </defs>
        <polygon class="earth" points="{{ $model->groundArea }}" />
        @foreach ($model->holes as $hole)
            <g tabindex="0" role="img" class="hole-in-section is-{{ $hole->state }} is-{{ $hole->hold->value }}"
                aria-label="{{ $hole->post->label }}: {{ $hole->state === 'to-dig' ? $say('page.to_dig') : ($hole->state === 'dug'
                    ? $say('components.drawing.section.dug_deep_enough')
                : $say('components.drawing.section.dug_too_shallow')) }}, {{ Names::of($hole->hold) }}">
                <polygon class="pit" points="{{ $hole->pit }}" />
                @if ($hole->state === 'short')<rect class="missing" x="{{ $hole->x - $hole->half }}" y="{{ $hole->bottomY }}"
                    width="{{ $hole->half * 2 }}" height="{{ max(1, $hole->requiredY - $hole->bottomY) }}" />@endif
                @foreach ($hole->fills as $fill)<rect class="fill-{{ $fill->material }}" x="{{ $fill->x }}" y="{{ $fill->y }}"
                    width="{{ $fill->width }}" height="{{ $fill->height }}" />@endforeach
                <rect class="timber {{ $hole->set ? '' : 'is-planned' }}" x="{{ $hole->timber->x }}" y="{{ $hole->timber->y }}"
                    width="{{ $hole->timber->width }}" height="{{ $hole->timber->height }}" />
                <text class="section-label" x="{{ $hole->labelX() }}" y="{{ $hole->groundY - 8 }}" @if ($hole->isLast)
                    text-anchor="end" @endif>{{ $hole->post->label }}</text>
                <text class="section-depth" x="{{ $hole->labelX() }}" @if ($hole->isLast) text-anchor="end" @endif
                    y="{{ $hole->labelY() }}">{!! $hole->depth !!}</text>
            </g>
        @endforeach
        @if ($model->frostLine)<polyline class="frost" points="{{ $model->frostLine }}" /><text class="frost-label" x="{{ $model->beside() }}"
            y="{{ (float) explode(',', explode(' ', $model->frostLine)[0])[1] + 16 }}">{{
                $say('components.drawing.section.frost_line') }}</text>@endif
        @if ($model->finishedY !== null)<line class="finished" x1="0" y1="{{ $model->finishedY }}" x2="{{ $model::WIDTH }}"
            y2="{{ $model->finishedY }}" /><text class="finished-label" x="{{ $model::WIDTH - 6 }}" y="{{ $model->finishedY - 5 }}"
            text-anchor="end">{{ $say('components.drawing.section.finished_ground') }}</text>@endif
        <polyline class="ground" points="{{ $model->groundLine }}" />
        @if ($model->planeY !== null)
            <g class="plane-at" @if ($field && $model->planes !== []) data-plane="{{ json_encode($model->planes) }}" data-field="{{ $field }}"
                tabindex="0" role="slider" aria-orientation="vertical" aria-label="{{ $say('components.drawing.section.plane_of_the_feet') }}"
                    aria-valuemin="1"
                aria-valuemax="{{ count($model->planes) }}" @endif>
                <line class="plane" x1="0" y1="{{ $model->planeY }}" x2="{{ $model::WIDTH }}" y2="{{ $model->planeY }}" />
                <text class="plane-label" text-anchor="end" x="{{ $model::WIDTH - 12 }}"
                    y="{{ min($model::HEIGHT - 6, 20 + max($model->planeY, ...array_map(fn ($hole) => max($hole->bottomY, $hole->requiredY),
                    $model->holes))) }}">{{ $say('components.drawing.section.plane_of_the_feet_2') }}</text>
                @if ($field && $model->planes !== [])
                    <path class="plane-grip"
                        d="M{{ $model::WIDTH - 26 }} {{ $model->planeY - 4 }}l10 -12l10 12zM{{ $model::WIDTH - 26 }} {{ $model->planeY
                            + 4 }}l10 12l10 -12z" /><rect class="plane-reach" x="0" y="{{ $model->planeY - 30 }}" width="{{ $model::WIDTH }}"
                                height="60" />@endif
            </g>
        @endif
    </svg>
    <figcaption class="legend"><span>{{ (float) $model->factor === 1.0 ? $say('components.drawing.section.heights_and_lengths_drawn_alike')
        : $say('components.drawing.section.heights_drawn', factor: $model->factor)
        }}</span>@foreach ($model->materials() as $material => $words)<span><svg class="swatch" viewBox="0 0 16 16"
        aria-hidden="true"><rect class="fill-{{ $material }}" width="16" height="16" /></svg> {{ $words }}</span> @endforeach<span><i
        class="box box-todig"></i> {{ $say('page.to_dig') }}</span><span><i
            class="box box-missing"></i> {{ $say('components.drawing.section.still_missing') }}</span></figcaption>
</figure>
