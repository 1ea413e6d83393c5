<h1>{{ $say('page.this_cant_be_worked_out') }}</h1>
<p class="verdict-why">{{ $say('footing.refused.a_field_was_not_understood') }}</p>
