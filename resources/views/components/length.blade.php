@use('App\View\Typeset')
@props(['of', 'plan']){!! Typeset::lengthOrNone($plan->notation, $of) !!}