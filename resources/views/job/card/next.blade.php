<p class="move-kicker">{{ $say('page.next_move') }}</p>
<p class="job-do"><x-words :say="$site->next ? $site->speech->say($site->next->do) : $say('job.index.nothing_is_left')" /></p>
@if ($site->next?->number)
    <p class="move-number"><span class="big"><x-length :of="$site->next->number" :plan="$site->plan" /></span> <span
        class="move-beside"><x-words :say="$site->speech->say($site->next->beside)" /></span></p>
@endif
