<x-layout title="The plan as typed">
    <div class="narrow-wide">
        <h1>The plan as typed</h1>
        <p>Nothing is stored yet. Go back to change it or to put it in force.</p>
        @include('plan.preview')
    </div>
</x-layout>
