@use('App\View\Links')
@props(['model', 'site' => null, 'link' => null, 'says' => null])
<figure class="drawing">
    <svg viewBox="0 0 {{ $model->frame::WIDTH }} {{ $model->frame->height }}" width="{{ $model->frame->onPhone }}" class="plan-drawing" role="group"
        aria-label="{{ $say('components.drawing.plan.says', says: $says ?? $say('components.drawing.plan.seen_from_above'),
            count: count($model->posts)) }}" data-roving>
        <text class="side" x="{{ $model->frame::WIDTH / 2 }}" y="20"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->plusY) }}</text>
        <text class="side" x="{{ $model->frame::WIDTH / 2 }}" y="{{ $model->frame->height - 8 }}"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->minusY) }}</text>
        <text class="side" transform="translate(16 {{ $model->frame->height / 2 }}) rotate(-90)"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->minusX) }}</text>
        <text class="side" transform="translate({{ $model->frame::WIDTH - 8 }} {{ $model->frame->height / 2 }}) rotate(-90)"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->plusX) }}</text>
        @foreach ($model->bands as $band)
            <polyline class="band band-{{ $band->colour }}" points="{{ $band->points }}" stroke-width="{{ $band->width }}" />
            <polyline class="service service-{{ $band->colour }}" points="{{ $band->points }}" />
        @endforeach
        @foreach ($model->fixed as $line)
            <g class="fixed fixed-{{ $line->kind }}" role="img" aria-label="{{ $line->name }}"><path class="hatch" d="{{ $line->hatch }}" />
                <line x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}" y2="{{ $line->y2 }}" /><text class="fixed-label"
                text-anchor="middle" transform="translate({{ $line->labelX }} {{ $line->labelY }}) rotate({{ $line->turn }})">{{ $line->name }}</text>
                </g>
        @endforeach
        @foreach ($model->strings as $line)
            <line class="{{ $line->class }}" x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}" y2="{{ $line->y2 }}" />
        @endforeach
        @foreach ($model->leftOut as $point)
            <path class="left-out" d="M{{ $model->frame->x($point->x) - 5 }} {{ $model->frame->y($point->y) - 5 }} l10 10 m0 -10 l-10 10" />
        @endforeach
        @foreach ($model->posts as $p)
            <a class="post post-{{ $p->shape }} {{ $p->next ? 'post-next' : '' }}" @if ($link)
                href="{{ Links::post($link, $site->job, $p->post->label) }}"
                @else tabindex="0" role="img" @endif aria-label="{{ $p->post->label }}: {{ $p->words }}">
                @if ($p->next)<circle class="halo" cx="{{ $p->x }}" cy="{{ $p->y }}" r="{{ $model->holeRadius + 7 }}" />@endif
                <circle class="reach" cx="{{ $p->x }}" cy="{{ $p->y }}" r="{{ $model->frame->reach }}" />
                <rect class="hole" x="{{ $p->x - $model->holeRadius }}" y="{{ $p->y - $model->holeRadius }}" width="{{ 2 * $model->holeRadius }}"
                    height="{{ 2 * $model->holeRadius }}" rx="{{ $model->plan->hole->isSquare ? 0 : $model->holeRadius }}" />
                @if ($p->shape === 'leaning')
                    <path class="stake" d="M{{ $p->x }} {{ $p->y - $model->postWidth * 0.8 }}
                        l{{ $model->postWidth * 0.8 }} {{ $model->postWidth * 0.8 }} l-{{ $model->postWidth * 0.8 }} {{ $model->postWidth * 0.8 }}
                        l-{{ $model->postWidth * 0.8 }} -{{ $model->postWidth * 0.8 }} z" />
                @elseif ($model->plan->post->round)
                    <circle class="stake" cx="{{ $p->x }}" cy="{{ $p->y }}" r="{{ $model->postWidth / 2 }}" />
                @else
                    <rect class="stake" x="{{ $p->x - $model->postWidth / 2 }}" y="{{ $p->y - $model->postDepth / 2 }}"
                        width="{{ $model->postWidth }}" height="{{ $model->postDepth }}" />
                @endif
                @if ($p->shape === 'short')
                    <path class="cross" d="M{{ $p->x - $model->holeRadius * .7 }} {{ $p->y - $model->holeRadius * .7 }}
                        l{{ $model->holeRadius * 1.4 }} {{ $model->holeRadius * 1.4 }}" />@endif
                @if ($p->shape === 'cut')<path class="sawn" d="M{{ $p->x - $model->holeRadius }} {{ $p->y }} h{{ $model->holeRadius * 2 }}" />@endif
                <text class="post-label" x="{{ $p->x + $model->holeRadius * .75 + 3 }}"
                    y="{{ $p->y + $model->holeRadius + 9 }}">{{ $p->post->label }}</text>
            </a>
        @endforeach
        <g aria-hidden="true">
            @foreach ($model->over as $line)
                @if ($line->class === 'fall')<marker id="downhill" viewBox="0 0 10 10" refX="8" refY="5" markerWidth="5" markerHeight="5"
                    orient="auto"><path d="M0 0l10 5l-10 5z" /></marker>@endif
                <line class="{{ $line->class }}" x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}" y2="{{ $line->y2 }}" />
                @if ($line->label !== '')<text class="fall-label" text-anchor="{{ $line->anchor() }}" x="{{ $line->labelX() }}"
                    y="{{ $line->labelY() }}">{!! $line->label !!}</text>@endif
                @if ($line->class === 'leans')<circle class="lean-end" cx="{{ $line->x2 }}" cy="{{ $line->y2 }}" r="3.2" />@endif
            @endforeach
            @foreach ($model->posts as $p)
                @if ($p->note)<text class="post-note" x="{{ $p->x + $model->holeRadius * .75 + 3 }}"
                    y="{{ $p->y + $model->holeRadius + 24 }}">{!! $p->note !!}</text>@endif
            @endforeach
        </g>
        @foreach ($model->bands as $band)
            <text class="service-label" text-anchor="middle" x="{{ $band->labelX }}" y="{{ $band->labelY }}">{!! $band->label !!}</text>
        @endforeach
    </svg>
    @if ($model->legend)
        <figcaption class="legend">
            @foreach ($model->legend as $shape => $word)
                <span>
                    <svg viewBox="0 0 24 16" width="24" height="16" aria-hidden="true">
                            <g class="post post-{{ $shape }}"><circle class="hole" cx="12" cy="8" r="7" />
                                @if ($shape === 'leaning')<path class="stake" d="M12 3 l5 5 l-5 5 l-5 -5 z" />@else
                                    <rect class="stake" x="8.5" y="4.5" width="7" height="7" />@endif
                                @if ($shape === 'short')<path class="cross" d="M7 3 l10 10" />@endif
                                @if ($shape === 'cut')<path class="sawn" d="M5 8 h14" />@endif
                            </g>
                    </svg> {{ $word }}
                </span>
            @endforeach
            @if ($model->enlarged > 1)<span>{{ $say('components.drawing.plan.pink_where_the_top_goes', enlarged: $model->enlarged) }}</span>@endif
        </figcaption>
    @endif
</figure>
