@props(['site', 'rows'])
@if ($rows)
    <table>
        <caption>{{ $say('components.fixed_lines.what_is_fixed_on_the') }} <span
            class="muted">{{ $say('components.fixed_lines.offsets_to_post_centres_by') }}</span></caption>
        <thead><tr><th scope="col">{{ $say('page.what') }}</th><th scope="col">{{ $say('page.the_grid') }}</th>
            <th scope="col">{{ $say('components.fixed_lines.stands_off') }}</th>
                <th scope="col" class="num">{{ $say('components.fixed_lines.nearest_face') }}</th>
            <th scope="col">{{ $say('page.stands') }}</th><th scope="col"><span class="vh">{{ $say('page.take_away') }}</span></th></tr></thead>
        <tbody>
            @foreach ($rows as $row)
                <tr class="{{ $row->kept->kept ? '' : 'row-out' }}"><th scope="row">{{ $row->line->name }}</th>
                    <td>@if ($row->line->binds()){{ $say('components.fixed_lines.runs_parallel_to_it_held') }} @else
                        {{ $say('components.fixed_lines.keeps', least: $row->line->least) }} @endif</td>
                    <td>@foreach ($row->offsets as [$whom, $off])<span class="nowrap">{{ $whom }} <x-length :of="$off" :plan="$site->plan"
                        />{{ $loop->last ? '' : ', ' }}</span>@endforeach</td>
                    <td class="num"><x-length :of="$row->kept->room" :plan="$site->plan" /></td>
                    <td><span class="state state-{{ $row->kept->kept ? 'fits' : 'out' }}">{{ $row->kept->kept ? $say('components.fixed_lines.kept')
                        : ($row->line->binds()
                        ? "{$row->kept->nearest->label} stands in it" : "{$row->kept->nearest->label} too near") }}</span></td>
                    <td><form method="post" action="{{ route('plan.line', $site->job) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $site->job->revision->number }}"><input type="hidden" name="what" value="drop"><input type="hidden" name="line"
                        value="{{ $row->line->id }}"><button class="link">{{ $say('page.take_away') }}<span
                            class="vh"> {{ $row->line->name }}</span></button></form>
                        </td></tr>
            @endforeach
        </tbody>
    </table>
@endif
