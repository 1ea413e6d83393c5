@use('App\Type\Typeset')
@props(['say']){!! Typeset::sentence($say) !!}