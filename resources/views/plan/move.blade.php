@use('Aequus\Logbook\Book\DecisionAbout')
@use('Aequus\Logbook\EntryKind')
@use('Aequus\Site\Phase')
@if (($move = $site->moveIn(Phase::Plan))?->asks === EntryKind::Decision)
    <x-move :site="$site" :here="Phase::Plan" :move="$move">
        <x-decide :site="$site" :about="DecisionAbout::AcceptDistance" :post="$move->posts[0]" :thing="$move->do->part('line')" />
    </x-move>
@else
    <x-move :site="$site" :here="Phase::Plan" />
@endif
