@props(['site', 'here'])
<nav class="ways" aria-label="In this phase">
    @foreach (['square' => 'Readings', 'square.prove' => 'Before you pull', 'square.hand' => 'Setting out', 'square.cast' => 'As cast', 'square.sheet' => 'Stake sheet'] as $route => $words)
        <a href="{{ route($route, $site->job) }}" @if ($route === $here) aria-current="page" @endif>{{ $words }}</a>
    @endforeach
</nav>
