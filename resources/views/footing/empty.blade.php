<h1>Nothing to work out yet</h1>
<p class="verdict-why">{{ $site->plan->footing === null ? 'Decide the rules of depth first: frost, embedment, pad and gravel.'
    : 'Read the rod at the posts first: a hole is dug from today’s ground.' }} <a
    href="{{ route($site->plan->footing === null ? 'footing' : 'level', $site->job) }}#entry">Go there</a></p>
