@use('App\Type\Typeset')
@props(['of', 'plan']){!! Typeset::lengthOrNone($plan->notation, $of) !!}