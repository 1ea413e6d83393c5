@use('App\View\Links')
@use('Illuminate\Support\Str')
@props(['model', 'site'])
<figure class="drawing">
    <svg viewBox="0 0 {{ $model->frame::WIDTH }} {{ $model->frame->height }}" width="{{ $model->frame->onPhone }}" class="plan-drawing square-drawing"
        role="group"
        aria-label="{{ $say('components.drawing.square.working_drawing_from_above_arrow', count: count($model->stakes)) }}" data-roving data-zoom>
        <text class="side" x="{{ $model->frame::WIDTH / 2 }}" y="16"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->plusY) }}</text>
        <text class="side" x="{{ $model->frame::WIDTH / 2 }}" y="{{ $model->frame->height - 6 }}"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->minusY) }}</text>
        <text class="side" transform="translate(14 {{ $model->frame->height / 2 }}) rotate(-90)"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->minusX) }}</text>
        <text class="side" transform="translate({{ $model->frame::WIDTH - 5 }} {{ $model->frame->height / 2 }}) rotate(-90)"
            text-anchor="middle">{{ $say('page.side_of', side: $model->plan->sides->plusX) }}</text>
        @foreach ($model->fixed as $line)
            <g class="fixed fixed-{{ $line->kind }}" role="img" aria-label="{{ $line->name }}"><path class="hatch" d="{{ $line->hatch }}" />
                <line x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}" y2="{{ $line->y2 }}" /><text class="fixed-label"
                text-anchor="middle" transform="translate({{ $line->labelX }} {{ $line->labelY }}) rotate({{ $line->turn }})">{{ $line->name }}</text>
                </g>
        @endforeach
        <g aria-hidden="true">
            @foreach ($model->bands as $band)
                <polyline class="band band-{{ $band->colour }}" points="{{ $band->points }}" stroke-width="{{ $band->width }}" />
                    <polyline class="service service-{{ $band->colour }}" points="{{ $band->points }}" />
            @endforeach
            @foreach ($model->envelopes as $box)<rect class="envelope envelope-{{ $box->class }}" x="{{ $box->x }}" y="{{ $box->y }}"
                width="{{ $box->width }}" height="{{ $box->height }}" transform="rotate({{ $box->turn }} {{ $box->x + $box->width / 2 }}
                {{ $box->y + $box->height / 2 }})" />@endforeach
            @foreach ($model->strings as $line)<line class="string" x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}"
                y2="{{ $line->y2 }}" />@endforeach
            @foreach ($model->boards as $box)<rect class="board" x="{{ $box->x }}" y="{{ $box->y }}" width="{{ $box->width }}"
                height="{{ $box->height }}" />@endforeach
            @foreach ($model->nails as [$x, $y])<circle class="nail" cx="{{ $x }}" cy="{{ $y }}" r="2.2" />@endforeach
        </g>
        @foreach ($model->readings as $reading)
            <a class="reading" href="{{ Links::asking('square', $site->job, 'pull', $reading->key) }}#entry" tabindex="-1"
                aria-label="{{ $reading->words }}" hx-boost="false">
                @if ($reading->isTape)
                    <line class="tape-hit" x1="{{ $reading->x1 }}" y1="{{ $reading->y1 }}" x2="{{ $reading->x2 }}" y2="{{ $reading->y2 }}" />
                        <line class="tape tape-{{ $reading->state }}{{ $reading->next ? ' tape-next' : '' }}{{ $reading->chosen ? ' tape-chosen'
                            : '' }}" x1="{{ $reading->x1 }}" y1="{{ $reading->y1 }}" x2="{{ $reading->x2 }}" y2="{{ $reading->y2 }}" />
                @else
                    <path class="tape tape-{{ $reading->state }}{{ $reading->next ? ' tape-next' : '' }}"
                        d="M{{ $reading->x1 - $model->holeRadius - 4 }} {{ $reading->y1 - 5 }} v10 M{{ $reading->x1 + $model->holeRadius + 4 }}
                        {{ $reading->y1 - 5 }} v10" />
                @endif
            </a>
        @endforeach
        @foreach ($model->stakes as $s)
            <a class="post is-{{ $s->shape }} {{ $s->next ? 'post-next' : '' }} {{ $s->chosen ? 'is-chosen' : '' }}"
                href="{{ Links::asking('square', $site->job, 'stake', $s->post->label) }}" aria-label="{{ $s->post->label }}: {{ $s->words }}">
                @if ($s->next)<circle class="halo" cx="{{ $s->x }}" cy="{{ $s->y }}" r="{{ $model->holeRadius + 6 }}" />@endif
                <circle class="reach" cx="{{ $s->x }}" cy="{{ $s->y }}" r="{{ $model->frame->reach }}" />
                <rect class="hole" x="{{ $s->x - $model->holeRadius }}" y="{{ $s->y - $model->holeRadius }}" width="{{ 2 * $model->holeRadius }}"
                    height="{{ 2 * $model->holeRadius }}" rx="{{ $model->plan->hole->isSquare ? 0 : $model->holeRadius }}" />
                @if ($model->slackRadius)<circle class="slack" cx="{{ $s->x }}" cy="{{ $s->y }}" r="{{ $model->slackRadius }}" />@endif
                @if ($s->rx > 0)<ellipse class="ring" cx="{{ $s->x }}" cy="{{ $s->y }}" rx="{{ $s->rx }}" ry="{{ max(0.5, $s->ry) }}"
                    transform="rotate({{ $s->turn }} {{ $s->x }} {{ $s->y }})" />@endif
                @if ($model->plan->post->round)<circle class="stake" cx="{{ $s->x }}" cy="{{ $s->y }}" r="{{ $model->postWidth / 2 }}" />
                @else<rect class="stake" x="{{ $s->x - $model->postWidth / 2 }}" y="{{ $s->y - $model->postDepth / 2 }}"
                    width="{{ $model->postWidth }}" height="{{ $model->postDepth }}" />@endif
                @if ($s->shape === 'held')<path class="sawn-held" stroke="currentColor" stroke-width="2"
                    d="M{{ $s->x - $model->holeRadius }} {{ $s->y + $model->holeRadius + 3 }} h{{ 2 * $model->holeRadius }}" />@endif
                @if ($s->stands)
                    <line class="move-arrow" x1="{{ $s->stands[0] }}" y1="{{ $s->stands[1] }}" x2="{{ $s->arrow()->x }}" y2="{{ $s->arrow()->y }}" />
                        <polygon class="move-head" points="{{ $s->arrow()->head }}" />
                    <path class="stands" d="M{{ $s->stands[0] }} {{ $s->stands[1] - 6 }} l6 6 l-6 6 l-6 -6 z" />
                @endif
            </a>
        @endforeach
        <g aria-hidden="true">
            @foreach ($model->labels as $label)<text class="{{ $label->class }}" x="{{ $label->x }}" y="{{ $label->y }}"
                text-anchor="{{ $label->anchor }}">{!! $label->text !!}</text>@endforeach
        </g>
    </svg>
    <figcaption class="legend">
        @foreach ($model->legend as $shape => $word)
            <span><svg viewBox="0 0 24 16" width="24" height="16" aria-hidden="true">
                @if (str_starts_with($shape, 'tape'))<line class="tape tape-{{ substr($shape, 5) }}" x1="1" y1="8" x2="23" y2="8" />
                @else<g class="post is-{{ $shape }}"><circle class="hole" cx="12" cy="8" r="7" /><rect class="stake" x="8.5" y="4.5" width="7"
                    height="7" />@if ($shape === 'out')<path class="stands" d="M20 3 l5 5 l-5 5 l-5 -5 z" />@endif</g>@endif
            </svg> {{ $word }}</span>
        @endforeach
        @if ($model->factor > 1)<span>{{ $say('components.drawing.square.rings_95_and_moves_are', factor: $model->factor) }}</span>@endif
    </figcaption>
</figure>
