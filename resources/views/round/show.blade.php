@use('Aequus\Words\Names')
@use('App\Plan\PlanForm')
@use('App\Round\RoundKind')
@use('Illuminate\Support\Str')
@php
    $kind = $sheet->kind; $phase = $kind->phase();
@endphp
<x-layout :title="$kind->inWords()" :site="$site" :phase="$phase">
    <x-ways :site="$site" :here="$kind->page()" />
    <div class="yard">
        <h1>{{ $kind->inWords() }} <span class="h-note">{{ $sheet->read() }} of {{ count($sheet->rows) }} written down</span></h1>
        <p class="hint">In walking order. Each is written down as its field is left; a figure changed later corrects the one before. <a class="jump"
            href="{{ route($kind->page(), $job) }}">Back to {{ Names::of($phase) }}</a></p>
        @if ($kind === RoundKind::Rods && $sheet->rows !== [])
            <form method="get" action="{{ route('round', [$job, $kind->value]) }}" class="entry"><x-field name="set_up" label="From set-up"
                :value="$sheet->setUp()" /><button class="button button-second">Show this one</button></form>
        @endif
        @if ($kind === RoundKind::Plumb && $sheet->rows !== [])
            <form method="get" action="{{ route('round', [$job, $kind->value]) }}" class="entry"><x-sum-field :f="$held" :unit="$unit" /><button
                class="button button-second">Take this one</button></form>
        @endif
        @if ($sheet->rows === [])<p class="empty">{{ $kind->whyEmpty() }}</p>@endif
        <div class="round">
            @foreach ($sheet->rows as $row)
                @php($name = 'round-'.$row->key) @php($is = $row->read !== null)
                @if ($row->note !== '')
                    <p class="round-row" id="{{ $name }}"><b>{{ $row->label }}</b> @if ($row->read)<x-length :of="$row->read" :plan="$plan"
                        />@endif <span class="hint">{{ $row->note }}</span></p>
                @else
                    <form method="post" action="{{ route('entry', [$job, $row->kind->value]) }}" id="{{ $name }}" class="entry round-row" data-outbox
                        hx-post="{{ route('entry', [$job, $row->kind->value]) }}"
                            hx-trigger="{{ $row->choice === null || $is ? 'submit, change' : 'submit, change from:find select' }}" hx-target="this"
                            hx-select="#{{ $name }}" hx-swap="outerHTML" hx-push-url="false">
                        @csrf
                        <input type="hidden" name="client_id" value="{{ Str::ulid() }}"><input type="hidden" name="form" value="{{ $name }}">
                        <input type="hidden" name="round" value="{{ $kind->value }}">
                        @foreach ($row->with as $field => $value)<input type="hidden" name="{{ $field }}" value="{{ $value }}">@endforeach
                        @if ($row->sequence)<input type="hidden" name="replaces" value="{{ $row->sequence }}">@endif
                        @if (session('asks_sure') === $name && old('form') === $name)<label class="tick tick-sure"><input type="checkbox" name="sure"
                            value="1"> Right as typed</label>@endif
                        <x-field :name="$row->field" :form="$name" :id="$name.'-figure'" :label="$row->label"
                            :hint="$row->planned ? 'By the plan '.$plan->write($row->planned) : null" :value="$is ? PlanForm::exactly($plan,
                            $row->read) : ''" :unit="$unit" />
                        @if ($row->choice)<x-choice :name="$row->choice->field" :form="$name" :id="$name.'-side'" :label="$row->choice->label"
                            :value="$row->choice->chosen" :options="($is ? [] : ['' => '—']) + $row->choice->options" />@endif
                        <p class="round-says" aria-live="polite"><span class="state state-{{ $row->state() }}">{{ $row->word() }}</span></p>
                        <button class="button button-small button-second">Write it down<span class="vh"> for {{ $row->label }}</span></button>
                    </form>
                @endif
            @endforeach
        </div>
    </div>
</x-layout>
