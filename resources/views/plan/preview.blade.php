@if ($plan === null)
    <div class="empty" role="status"><p>{{ $say('plan.preview.not_yet_a_plan_that') }}</p><ul>@foreach ($refusals as $refusal)
        <li><x-words :say="$refusal" /></li>
        @endforeach</ul></div>
@else
    <x-drawing.plan :model="$drawing" />
    <x-marks :plan="$plan" />
@endif
