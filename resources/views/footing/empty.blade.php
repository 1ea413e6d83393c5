<h1>{{ $say('footing.empty.nothing_to_work_out_yet') }}</h1>
<p class="verdict-why">{{ $site->plan->footing === null ? $say('footing.empty.decide_the_rules_of_depth')
    : $say('footing.empty.read_the_rod_at_the') }} <a
    href="{{ route($site->plan->footing === null ? 'footing' : 'level', $site->job) }}#entry">{{ $say('page.go_there') }}</a></p>
