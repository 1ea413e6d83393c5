@props(['words'])
@foreach ($words->rests as $sentence)<p class="verdict-why muted"><x-words :say="$sentence" /></p>@endforeach
@if ($words->why)
    <details class="why"><summary>{{ $say('components.square_verdict.why_this_verdict') }}</summary>@foreach ($words->why as $sentence)
        <p><x-words :say="$sentence" /></p>
        @endforeach</details>
@endif
