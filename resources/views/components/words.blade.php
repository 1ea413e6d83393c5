@use('App\View\Typeset')
@props(['say']){!! Typeset::sentence($say) !!}