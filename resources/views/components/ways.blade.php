<nav class="ways" aria-label="{{ $say('components.ways.in_this_phase') }}">
    @foreach ($pages as $route => $words)
        <a href="{{ route($route, $site->job) }}" @if ($route === $here) aria-current="page" @endif>{{ $words }}</a>
    @endforeach
</nav>
