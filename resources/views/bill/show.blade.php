@use('Aequus\Site\Step')
<x-layout :title="$say('components.ways.footing.bill')" :site="$site" :phase="$phase">
    <x-ways :site="$site" here="footing.bill" />
    <section class="paper bill">
        @if ($page->rows === [])
            <h1>{{ $say('bill.nothing_yet') }}</h1>
        @else
            <h1>{{ $page->isPriced() ? $say('bill.sum', sum: $page->sum) : $say('bill.no_price_yet') }}</h1>
            <p class="verdict-why">@if ($page->unpriced && $page->isPriced()){{ $say('bill.without_a_price', names: $page->unpriced) }}@endif
                {{ $say('bill.what_it_counts') }} @foreach ($page->openWords() as $open){{ $open }} @endforeach
                @if ($page->bagsAlone()){{ $say('bill.bags_alone', alone: $page->bagsAlone()[0], together: $page->bagsAlone()[1]) }}
                    <a href="#holes">{{ $say('bill.hole_by_hole') }}</a>@endif</p>
            <form method="post" action="{{ route('footing.bill.price', $job) }}">
                @csrf <input type="hidden" name="form" value="bill"><input type="hidden" name="based_on"
                    value="{{ old('based_on', $job->revision->number) }}">
                <div class="scroll-x"><table>
                    <caption>{{ $say('bill.goods') }} <span class="muted">{{ $say('bill.no_currency') }}</span></caption>
                    <thead><tr><th scope="col">{{ $say('page.what') }}</th><th scope="col">{{ $say('bill.for') }}</th>
                        <th scope="col" class="num">{{ $say('bill.needed') }}</th><th scope="col">{{ $say('bill.waste') }}</th>
                        <th scope="col">{{ $say('bill.on_site') }}</th><th scope="col">{{ $say('bill.pack') }}</th>
                        <th scope="col">{{ $say('bill.price') }}</th><th scope="col" class="num">{{ $say('bill.buy') }}</th>
                        <th scope="col" class="num">{{ $say('bill.costs') }}</th></tr></thead>
                    <tbody>@foreach ($page->rows as $row)<tr>
                        <th scope="row" class="wraps"><x-words :say="$row->name" /></th><td>{{ $row->parts }}</td>
                        <td class="num">{{ $row->needed }}</td>
                        @foreach (['waste' => $row->waste, 'site' => $row->onSite, 'pack' => $row->pack, 'price' => $row->price] as $field => $value)
                            <td><input class="cell" name="{{ $field }}_{{ $row->key }}" value="{{ old($field.'_'.$row->key, $value) }}"
                                inputmode="decimal" autocomplete="off" aria-label="{{ $say('bill.of_'.$field, name: $row->plain) }}"
                                @error($field.'_'.$row->key) aria-invalid="true" aria-describedby="no-{{ $field.'-'.$row->key }}" @enderror>
                                @error($field.'_'.$row->key)<p class="refusal" id="no-{{ $field.'-'.$row->key }}">{{ $message }}</p>@enderror</td>
                        @endforeach
                        <td class="num strong">{{ $row->buy }}</td><td class="num strong">{{ $row->money }}</td></tr>@endforeach</tbody>
                </table></div>
                @if ($page->hasBags())<x-field form="bill" name="bag_mass" :label="$say('bill.bag_weighs', mass: $materials->system->mass)"
                    :value="$page->bagMass()"
                    :hint="$say('page.empty', write: $materials->usualMass())" inputmode="decimal" />@endif
                <fieldset class="stack"><legend>{{ $say('bill.hire') }}</legend><input type="hidden" name="hires" value="1">
                    @foreach ($page->hires() as [$tool, $name, $isHired])<label class="tick"><input type="checkbox"
                        name="hired_{{ $tool }}" value="1" @checked($isHired)> {{ $name }}</label>@endforeach
                    <p class="hint">{{ $page->hireDays() }}</p></fieldset>
                <p class="hint">{{ $page->metal() }}</p>
                <button class="button">{{ $say('bill.keep') }}</button>
            </form>
            <p><a href="{{ route('footing.bill.csv', $job) }}" hx-boost="false">{{ $say('bill.as_csv') }}</a>
                <a href="{{ route('footing.bill.lists', $job) }}">{{ $say('bill.lists') }}</a>
                <a href="{{ route('footing.bill.choices', $job) }}">{{ $say('bill.choices') }}</a></p>
            @if ($page->unpriced)<form method="post" action="{{ route('footing.bill.ask', $job) }}" class="stack">
                @csrf <input type="hidden" name="based_on" value="{{ $job->revision->number }}">
                <p class="hint">{{ $say('bill.yard_is_made_up') }}</p>
                <button class="button button-second">{{ $say('bill.ask_the_yard') }}</button>
            </form>@endif
            <details class="change" @error('sheet') open @enderror>
                <summary>{{ $say('bill.from_csv') }}</summary>
                <p class="hint">{{ $say('bill.from_csv_how') }}</p>
                <form method="post" action="{{ route('footing.bill.read', $job) }}" class="stack" enctype="multipart/form-data"
                    hx-encoding="multipart/form-data">
                    @csrf <input type="hidden" name="form" value="sheet"><input type="hidden" name="based_on"
                        value="{{ old('based_on', $job->revision->number) }}">
                    <x-file-field name="sheet" :label="$say('bill.csv_file')" accept=".csv,text/csv" />
                    <button class="button button-second">{{ $say('bill.read_csv') }}</button>
                </form>
            </details>
            <details class="why"><summary>{{ $say('page.why_2') }}</summary><p>{{ $say('bill.why') }}</p></details>
        @endif
    </section>
    @if ($materials->holes !== [])@include('bill.holes')@else<x-cautions :step="Step::Materials" :site="$site" />@endif
</x-layout>
