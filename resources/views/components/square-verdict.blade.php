@props(['words'])
<h1><x-words :say="$words->title" /></h1>
<p class="verdict-why"><x-words :say="$words->says" /></p>
@foreach ($words->rests as $sentence)<p class="verdict-why muted"><x-words :say="$sentence" /></p>@endforeach
@if ($words->why)
    <details class="why"><summary>Why?</summary>@foreach ($words->why as $sentence)<p><x-words :say="$sentence" /></p>@endforeach</details>
@endif
