@props(['panels'])
<table>
    <caption>{{ $say('thing.panel.caption') }}</caption>
    <thead><tr><th scope="col">{{ $say('thing.panel.bay') }}</th><th scope="col">{{ $say('thing.panel.panel') }}</th></tr></thead>
    <tbody>@foreach ($panels as $row)<tr><th scope="row">{{ $row->bay }}</th>
        <td><span class="state state-{{ $row->state }}"><span><x-words :say="$row->words" /></span></span></td></tr>@endforeach</tbody>
</table>
