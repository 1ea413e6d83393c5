@use('Aequus\Words\Names')
@use('App\View\Stepper')
<p class="muted">{{ Names::of($site->plan->kind) }}, {{ count($site->plan->grid->posts) }}
    {{ count($site->plan->grid->posts) === 1 ? $say('job.index.post') : $say('page.posts_2') }}</p>
<ol class="mini-way" aria-label="{{ $say('page.where_it_stands') }}">
    @foreach ((new Stepper($site, null))->stakes as $stake)
        <li class="is-{{ $stake->standing->value }}"><span class="vh">{{ Names::of($stake->phase) }}: {{ $stake->standing->inWords() }}</span></li>
    @endforeach
</ol>
<p class="muted">{{ $site->next ? $say('job.index.stands_at', what: Names::of($site->next->phase)) : $say('job.index.handed_over') }}</p>
