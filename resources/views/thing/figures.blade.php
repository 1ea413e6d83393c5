@use('App\Type\Typeset')
@props(['figures', 'notation'])
<ul class="come-to">
    @foreach ($figures as [$number, $words, $marked])
        <li>@if ($number)<b class="come-to-number">{!! Typeset::length($notation, $number) !!}</b>@endif <span><x-words :say="$words" />@if ($marked)
            <span class="faces" aria-hidden="true"><i></i><i></i><i></i><i></i></span>@endif</span></li>
    @endforeach
</ul>
