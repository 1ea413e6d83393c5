@use('App\Type\Typeset')
@props(['figures', 'notation'])
<ul class="come-to">
    @foreach ($figures as [$number, $words])
        <li>@if ($number)<b class="come-to-number">{!! Typeset::length($notation, $number) !!}</b>@endif <span><x-words :say="$words" /></span></li>
    @endforeach
</ul>
