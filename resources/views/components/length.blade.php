@props(['of', 'plan'])
{!! $of === null ? '<span class="none">—</span>' : \App\View\Typeset::length($plan->notation, $of) !!}
