@props(['site', 'here'])
@php($pages = [
    'square' => ['square' => 'Readings', 'square.prove' => 'Before you pull', 'square.hand' => 'Setting out', 'square.cast' => 'As cast',
        'square.sheet' => 'Stake sheet'],
    'level' => ['level' => 'Heights', 'level.instruments' => 'Before you level'],
    'footing' => ['footing' => 'Depths', 'footing.compare' => 'Side by side', 'footing.frost' => 'Frost', 'footing.loads' => 'Load sheet',
        'footing.hold' => 'Ways to hold', 'footing.width' => 'Width', 'footing.piers' => 'Piers', 'footing.dig' => 'Dig list', 'footing.materials' =>
        'Materials'],
    'set' => ['set' => 'All posts', 'set.tops' => 'Spacing and tops', 'set.stop' => 'Stop now'],
    'cut' => ['cut' => 'Marks', 'cut.rods' => 'Rod marks', 'cut.set-out' => 'Set-out'],
][explode('.', $here)[0]])
<nav class="ways" aria-label="In this phase">
    @foreach ($pages as $route => $words)
        <a href="{{ route($route, $site->job) }}" @if ($route === $here) aria-current="page" @endif>{{ $words }}</a>
    @endforeach
</nav>
