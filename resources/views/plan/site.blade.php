@use('Aequus\Plan\Place\SiteKind')
@use('Aequus\Site\Phase')
@use('Aequus\Words\Bearing')
@use('App\View\Choices')
<x-layout :title="$say('plan.site.title')" :site="$site" :phase="Phase::Plan">
    <div class="two">
        <section class="paper">
            <h1>{{ $say('plan.site.title') }} <span class="h-note">{{ $say('plan.site.scale', scale: $sheet->scale) }}</span></h1>
            <p class="no-print"><a href="{{ route('plan.site.pdf', [$job, 'paper' => 'a4']) }}" hx-boost="false">{{ $say('plan.site.print_a4') }}</a>
                <a href="{{ route('plan.site.pdf', [$job, 'paper' => 'letter']) }}" hx-boost="false">{{ $say('plan.site.print_letter') }}</a></p>
            <figure class="drawing site-sheet" tabindex="0" role="img" aria-label="{{ $say('plan.site.says', count: count($plan->site)) }}">
                @include('plan.site-drawing', ['sheet' => $sheet])</figure>
        </section>
        <div class="side-work">
            @include('plan.move')
            @if ($rows)
                <table>
                    <caption>{{ $say('plan.site.on_it') }}</caption>
                    <thead><tr><th scope="col">{{ $say('page.what') }}</th>
                        <th scope="col" class="num">{{ $say('components.fixed_lines.nearest_face') }}</th>
                        <th scope="col"><span class="vh">{{ $say('page.take_away') }}</span></th></tr></thead>
                    <tbody>@foreach ($rows as $row)<tr><th scope="row" class="wraps">{{ $row->name }} <span
                        class="muted">{{ $row->kind }}@if ($row->holds), {{ $say('plan.site.holds_the_layout') }}@endif</span></th>
                        <td class="num"><span class="state state-{{ $row->isKept ? 'fits' : 'out' }}"><x-length
                            :of="$row->room" :plan="$plan" /></span></td>
                        <td>@if ($row->id)<form method="post" action="{{ route('plan.object', $job) }}">@csrf<input type="hidden" name="based_on"
                            value="{{ $job->revision->number }}"><input type="hidden" name="what" value="drop"><input type="hidden" name="object"
                            value="{{ $row->id }}"><button class="link">{{ $say('page.take_away') }}<span
                            class="vh"> {{ $row->name }}</span></button></form>@else<a
                            href="{{ route('plan', $job) }}#fixed">{{ $say('plan.show.change') }}</a>@endif</td></tr>@endforeach</tbody>
                </table>
            @endif
            <form method="post" action="{{ route('plan.object', $job) }}" class="stack" id="entry">
                @csrf <input type="hidden" name="form" value="object"><input type="hidden" name="based_on"
                    value="{{ old('based_on', $job->revision->number) }}">
                <h2>{{ $say('plan.site.put_on_it') }}</h2>
                <x-right form="object" said />
                <div class="group asks">
                    <x-choice name="object_kind" form="object" :label="$say('components.fixed_line_form.it_is_a')"
                        :options="Choices::of(SiteKind::cases())" />
                    <x-field name="object_name" form="object" :label="$say('page.called')" />
                    <x-field name="object_points" form="object" :label="$say('plan.site.points')"
                        :hint="$say('plan.site.points_why', such: $unit->system()->examples['line'])"
                        wide />
                    <x-field name="object_least" form="object" :label="$say('components.fixed_line_form.distance_to_keep')"
                        :hint="$say('plan.site.least_why')" :unit="$unit" />
                    <x-field name="object_reach" form="object" :label="$say('plan.site.reach')" :hint="$say('plan.site.reach_why')" :unit="$unit" />
                </div>
                <button class="button button-second">{{ $say('components.fixed_line_form.put_it_on_the_plan') }}</button>
            </form>
            <form method="post" action="{{ route('plan.around', $job) }}" class="stack">
                @csrf <input type="hidden" name="form" value="around"><input type="hidden" name="based_on"
                    value="{{ old('based_on', $job->revision->number) }}">
                <h2>{{ $say('plan.site.around') }}</h2>
                <div class="group asks">@foreach (['north', 'sun', 'wind', 'water'] as $one)
                    <x-choice :name="$one" form="around" :label="$say('plan.site.'.$one.'_from')" :value="(string) $plan->around->{$one}"
                        :options="['' => $say('plan.site.not_said')] + Bearing::all($plan->sides)" />@endforeach</div>
                <button class="button button-second">{{ $say('components.fixed_line_form.put_it_on_the_plan') }}</button>
            </form>
            <p><a href="{{ route('plan', $job) }}">{{ $say('plan.show.plan') }}</a></p>
        </div>
    </div>
</x-layout>
