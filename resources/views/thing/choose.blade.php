@use('Aequus\Measure\Unit')
@use('Aequus\Words\Names')
@use('App\View\Choices')
<x-layout :title="$say('page.plan_a_new_job')">
    <div class="things-page">
        <h1>{{ $say('thing.choose.what_shall_stand') }}</h1>
        <p>{{ $say('thing.choose.in', length: Choices::written($unit)) }} @foreach (Unit::cases() as $other)
            @if ($other !== $unit)<a
                href="{{ route('thing.choose', ['in' => $other->value]) }}">
                    {{ $say('thing.choose.begin_in', length: Choices::written($other)) }}</a>@endif
        @endforeach</p>
        <ul class="things">
            @foreach ($things as $usual)
                <li><a class="thing" href="{{ route('thing.ask', ['kind' => $usual->thing->kind(), 'in' => $unit->value]) }}">
                    <x-drawing.profile :model="$usual->drawing" thumb />
                    <b>{{ Names::of($usual->thing->kind()) }}</b> <span>{{ $usual->sentence }}</span></a></li>
            @endforeach
            <li><a class="thing thing-else" href="{{ route('plan.create', ['in' => $unit->value]) }}">
                <b>{{ $say('thing.choose.something_else') }}</b> <span>{{ $say('thing.choose.something_else_why') }}</span></a></li>
        </ul>
    </div>
</x-layout>
