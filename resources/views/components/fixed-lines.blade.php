@props(['site', 'rows'])
@if ($rows)
    <table>
        <caption>What is fixed on the site <span class="muted">offsets to post centres, by the plan</span></caption>
        <thead><tr><th scope="col">What</th><th scope="col">The grid</th><th scope="col">Stands off</th><th scope="col" class="num">nearest face</th>
            <th scope="col">Stands</th><th scope="col"><span class="vh">Take away</span></th></tr></thead>
        <tbody>
            @foreach ($rows as $row)
                <tr class="{{ $row->kept->kept ? '' : 'row-out' }}"><th scope="row">{{ $row->line->name }}</th>
                    <td>@if ($row->line->binds())runs parallel to it, held by it @else keeps <x-length :of="$row->line->least" :plan="$site->plan"
                        /> @endif</td>
                    <td>@foreach ($row->offsets as [$whom, $off])<span class="nowrap">{{ $whom }} <x-length :of="$off" :plan="$site->plan"
                        />{{ $loop->last ? '' : ', ' }}</span>@endforeach</td>
                    <td class="num"><x-length :of="$row->kept->room" :plan="$site->plan" /></td>
                    <td><span class="state state-{{ $row->kept->kept ? 'fits' : 'out' }}">{{ $row->kept->kept ? 'kept' : ($row->line->binds()
                        ? "{$row->kept->nearest->label} stands in it" : "{$row->kept->nearest->label} too near") }}</span></td>
                    <td><form method="post" action="{{ route('plan.line', $site->job) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $site->job->revision->number }}"><input type="hidden" name="what" value="drop"><input type="hidden" name="line"
                        value="{{ $row->line->id }}"><button class="link">Take away<span class="vh"> {{ $row->line->name }}</span></button></form>
                        </td></tr>
            @endforeach
        </tbody>
    </table>
@endif
