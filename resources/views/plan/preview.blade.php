@if ($plan === null)
    <div class="empty" role="status"><p>Not yet a plan that can be drawn:</p><ul>@foreach ($refusals as $refusal)<li><x-words :say="$refusal" /></li>
        @endforeach</ul></div>
@else
    <x-drawing.plan :model="$drawing" />
    <x-marks :plan="$plan" />
@endif
