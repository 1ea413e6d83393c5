@props(['sheet', 'job', 'inPrint' => false])
<svg xmlns="http://www.w3.org/2000/svg" @if ($inPrint) width="{{ $sheet->width() }}" height="{{ $sheet->height() }}" @else
    viewBox="0 {{ $sheet->top() }} {{ $sheet->width() }} {{ $sheet->height() - $sheet->top() }}" @endif font-size="11.5" fill="#14201a">
    @foreach ($sheet->objects as $one)
        <path d="{{ $one['d'] }}" stroke="#14201a"
            @switch($one['class'])
                @case('site-boundary') stroke-width="2" stroke-dasharray="22 6 4 6" fill="none" @break
                @case('site-road') stroke-width="2.6" fill="none" @break
                @case('site-overhead') stroke-width="1.3" stroke-dasharray="4 4" fill="none" @break
                @case('site-bank') stroke-width="1.3" stroke-dasharray="11 7" fill="none" @break
                @case('site-wet') stroke-width="1.1" fill="#d6e4ef" @break
                @case('site-drive') stroke-width="1.1" stroke-dasharray="7 7" fill="none" @break
                @case('site-tree') stroke-width="1.1" fill="none" @break
                @case('site-door') stroke-width="5" fill="none" @break
                @default stroke-width="2" fill="#e7d5bf"
            @endswitch />
    @endforeach
    @foreach ($sheet->distances as $one)
        <line x1="{{ $one['x1'] }}" y1="{{ $one['y1'] }}" x2="{{ $one['x2'] }}" y2="{{ $one['y2'] }}" stroke="#cf1468" stroke-width="1.1" />
    @endforeach
    @foreach ($sheet->posts as $post)
        <rect x="{{ $post['x'] - $post['size'] / 2 }}" y="{{ $post['y'] - $post['size'] / 2 }}" width="{{ $post['size'] }}"
            height="{{ $post['size'] }}" />
    @endforeach
    @foreach ($sheet->labels as $label)
        <text x="{{ $label->x }}" y="{{ $label->y }}" text-anchor="{{ $label->anchor }}"
            font-size="{{ $sheet->sizeOf($label) }}">{!! $label->text !!}</text>
    @endforeach
    @foreach ($sheet->rose->arrows as $one)
        <path d="{{ $one['d'] }}" stroke="#14201a" stroke-width="1.4" fill="none" /><path d="{{ $one['head'] }}" />
        <text x="{{ $one['x'] }}" y="{{ $one['y'] }}" font-size="10.5" text-anchor="middle">{{ $one['words'] }}</text>
    @endforeach
    <path d="M68 {{ $sheet->height() - 90 }} h{{ $sheet->bar }} m0 -6 v12 M68 {{ $sheet->height() - 96 }} v12" stroke="#14201a"
        stroke-width="2.3" fill="none" />
    <text x="{{ 76 + $sheet->bar }}" y="{{ $sheet->height() - 86 }}">{{ $sheet->plan->write($sheet->barIs) }}</text>
    <text x="68" y="{{ $sheet->height() - 60 }}" font-size="10">{{ $say('plan.site.note') }}</text>
</svg>
