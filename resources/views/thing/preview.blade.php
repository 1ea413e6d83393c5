@if ($drawing === null)
    <div class="empty" role="status"><p>{{ $say('thing.preview.not_yet') }}</p><ul>@foreach ($refusals as $refusal)
        <li><x-words :say="$refusal" /></li>
        @endforeach</ul></div>
@else
    <h2>{{ $say('thing.ask.what_it_comes_to') }}</h2>
    <figure class="drawing"><x-drawing.profile :model="$drawing" /></figure>
    @include('thing.figures', ['figures' => $figures, 'notation' => $notation])
@endif
