@use('Aequus\Words\Names')
@use('App\Plan\PlanForm')
@use('App\Round\RoundKind')
@use('App\View\Links')
@use('Illuminate\Support\Str')
<x-layout :title="$sheet->kind->inWords()" :site="$site" :phase="$phase">
    <x-ways :site="$site" :here="$sheet->kind->page()" />
    <div class="yard">
        <h1>{{ $sheet->kind->inWords() }} <span
            class="h-note">{{ $say('round.show.of_written_down', read: $sheet->read(), count: count($sheet->rows)) }}</span></h1>
        <p class="hint">{{ $say('round.show.in_walking_order_each_is') }} <a class="jump"
            href="{{ route($sheet->kind->page(), $job) }}">{{ $say('round.show.back_to', what: Names::of($phase)) }}</a></p>
        @if ($sheet->kind === RoundKind::Rods && $sheet->rows !== [])
            <form method="get" action="{{ route('round', [$job, $sheet->kind->value]) }}" class="entry">
                <x-field name="set_up" :label="$say('page.from_set_up')"
                :value="$sheet->setUp()" /><button class="button button-second">{{ $say('round.show.show_this_one') }}</button></form>
        @endif
        @if ($sheet->kind === RoundKind::Plumb && $sheet->rows !== [])
            <form method="get" action="{{ route('round', [$job, $sheet->kind->value]) }}" class="entry"><x-sum-field :f="$held" :unit="$unit"
                /><button
                class="button button-second">{{ $say('round.show.take_this_one') }}</button></form>
        @endif
        @if ($sheet->parts() > 1)
            <nav class="ways" aria-label="{{ $say('round.show.parts_of_this_round') }}">@foreach ($sheet->partNames() as $number => $name)<a
                href="{{ route('round', [$job, $sheet->kind->value, 'part' => $number] + $asked) }}"
                @if ($number === $part) aria-current="page" @endif>{{ $name }}</a> @endforeach</nav>
        @endif
        @if ($sheet->rows === [])<p class="empty">{{ $sheet->kind->whyEmpty() }}</p>@endif
        <div class="round">
            @foreach ($sheet->part($part) as $row)
                @if ($row->note !== '')
                    <p class="round-row" id="{{ $row->form() }}"><b>{{ $row->label }}</b> @if ($row->read)<x-length :of="$row->read" :plan="$plan"
                        />@endif <span class="hint">{{ $row->note }}</span></p>
                @else
                    <form method="post" action="{{ Links::post('entry', $job, $row->kind->value) }}" id="{{ $row->form() }}" class="entry round-row"
                        data-outbox
                        hx-post="{{ Links::post('entry', $job, $row->kind->value) }}"
                            hx-trigger="{{ $row->choice === null || $row->isRead() ? 'submit, change' : 'submit, change from:find select' }}"
                                hx-target="this"
                            hx-select="#{{ $row->form() }}" hx-swap="outerHTML" hx-push-url="false">
                        @csrf
                        <input type="hidden" name="client_id" value="{{ Str::ulid() }}"><input type="hidden" name="form" value="{{ $row->form() }}">
                        <input type="hidden" name="round" value="{{ $sheet->kind->value }}">
                        @foreach ($row->with as $field => $value)<input type="hidden" name="{{ $field }}" value="{{ $value }}">@endforeach
                        @if ($row->sequence)<input type="hidden" name="replaces" value="{{ $row->sequence }}">@endif
                        @if (session('asks_sure') === $row->form() && old('form') === $row->form())<label class="tick tick-sure"><input
                            type="checkbox" name="sure"
                            value="1"> {{ $say('page.right_as_typed') }}</label>@endif
                        <x-field :name="$row->field" :form="$row->form()" :id="$row->form().'-figure'" :label="$row->label"
                            :hint="$row->planned ? $say('page.by_the_plan', write: $row->planned) : null"
                                :value="$row->isRead() ? PlanForm::exactly($plan,
                            $row->read) : ''" :unit="$unit" />
                        @if ($row->choice)<x-choice :name="$row->choice->field" :form="$row->form()" :id="$row->form().'-side'"
                            :label="$row->choice->label"
                            :value="$row->choice->chosen" :options="($row->isRead() ? [] : ['' => '—']) + $row->choice->options" />@endif
                        <p class="round-says" aria-live="polite"><span class="state state-{{ $row->state() }}">{{ $row->word() }}</span></p>
                        <button class="button button-small button-second">{{ $say('page.write_it_down') }}<span
                            class="vh"> {{ $say('round.show.for', label: $row->label) }}</span></button>
                    </form>
                @endif
            @endforeach
        </div>
        @if ($part < $sheet->parts())<p><a class="button"
            href="{{ route('round', [$job, $sheet->kind->value, 'part' => $part + 1] + $asked) }}">{{ $say('round.show.go_on_with',
                part: $sheet->partNames()[$part + 1]) }}</a>
            </p>@endif
    </div>
</x-layout>
