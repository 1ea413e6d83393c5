@props(['say'])
{!! \App\View\Typeset::sentence($say) !!}
