@use('Aequus\Words\Plan\FitWords')
@props(['site', 'openings'])
@if ($openings)
    <table>
        <caption>{{ $say('components.fit.what_must_fit') }} <span class="muted">{{ $say('components.fit.clear_openings_between_faces') }}</span>
            </caption>
        <thead><tr><th scope="col">{{ $say('page.what') }}</th><th scope="col">{{ $say('components.fit.where') }}</th>
            <th scope="col" class="num">{{ $say('components.fit.there_is') }}</th>
            <th scope="col" class="num">{{ $say('components.fit.it_needs') }}</th>
                <th scope="col" class="num">{{ $say('components.fit.to_spare') }}</th><th scope="col">{{ $say('page.stands') }}</th>
            <th scope="col"><span class="vh">{{ $say('page.take_away') }}</span></th></tr></thead>
        <tbody>
            @foreach ($openings as $i => $one)
                <tr class="{{ $one->fits() ? '' : 'row-out' }}"><th scope="row">{{ FitWords::name($one->thing) }}</th>
                    <td>{{ $say('page.from_to', label: $one->from->label, label_b: $one->to->label) }}</td>
                        <td class="num"><x-length :of="$one->opening->opening"
                        :plan="$site->plan"
                    /></td><td class="num"><x-length :of="$one->opening->needed" :plan="$site->plan" /></td>
                    <td class="num strong"><x-length :of="$one->spare" :plan="$site->plan" /></td>
                    <td><span class="state state-{{ $one->fits() ? 'fits' : 'out' }}">{{ $one->fits() ? $say('page.fits')
                        : ($one->isTooWide() ? $say('components.fit.gap_too_wide')
                        : $say('components.fit.too_narrow')) }}</span></td>
                    <td>@if (isset($site->plan->fit->things[$i]))<form method="post"
                        action="{{ route('plan.fit', $site->job) }}">@csrf<input type="hidden" name="based_on"
                        value="{{ $site->job->revision->number }}"><input type="hidden" name="what" value="drop_thing"><input type="hidden"
                        name="place" value="{{ $i }}"><button class="link">{{ $say('page.take_away') }}<span
                            class="vh"> {{ FitWords::name($one->thing) }}</span></button></form>@endif
                        </td></tr>
            @endforeach
        </tbody>
    </table>
@endif
