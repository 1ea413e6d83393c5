@use('Aequus\Measure\Unit')
@use('Aequus\Plan\JobKind')
@use('Aequus\Words\Names')
@use('App\View\Choices')
@props(['form', 'plan' => null, 'unit' => null])
<fieldset class="group"><legend>What and how measured</legend>
    <x-choice name="kind" form="plan" label="What stands on the posts" :value="$form->value('kind')"
        :options="Choices::of(JobKind::cases())" />
    <x-choice name="notation" form="plan" label="Lengths in" :value="$form->value('notation')"
        :options="['in16' => 'feet and inches, to 1/16', 'in8' => 'feet and inches, to 1/8', 'in4' => 'feet and inches, to 1/4',
            'in32' => 'feet and inches, to 1/32', 'mm' => 'millimetres', 'mm.1' => 'millimetres, to a tenth']" />
    <x-choice name="tolerance" form="plan" label="How close is close enough" :value="$form->value('tolerance')"
        :options="['joinery' => 'joinery: 1/16 in, 2 mm', 'framing' => 'framing: 1/8 in, 3 mm', 'building' => 'building: 1/4 in, 6 mm', 'fence' =>
        'fence: 1 in, 25 mm']" />
    <x-field name="squareness" form="plan" label="Or a figure of your own" hint="Left empty: the usual one." :value="$form->value('squareness')" />
</fieldset>
<fieldset class="group"><legend>Names of the four sides</legend>
    <p class="hint field-wide">Stand at A1 and look along row 1: the last row is on your left, column A at your back. Directions are told in these
        words.</p>
    <x-field name="side_minus_y" form="plan" label="Along the base line (row 1)" :value="$form->value('side_minus_y')" />
    <x-field name="side_plus_y" form="plan" label="Far side (last row)" :value="$form->value('side_plus_y')" />
    <x-field name="side_minus_x" form="plan" label="Near end (column A)" :value="$form->value('side_minus_x')" />
    <x-field name="side_plus_x" form="plan" label="Far end (last column)" :value="$form->value('side_plus_x')" />
</fieldset>
<fieldset class="group"><legend>The post and its hole</legend>
    <x-choice name="post_shape" form="plan" label="Post" :value="$form->value('post_shape')"
        :options="['nominal' => 'sawn, by its name (4x4, 6x6)', 'measured' => 'square or rectangular, as measured', 'round' => 'round, as measured']"
        />
    <x-field name="post_nominal" form="plan" label="Name" hint="A 6x6 measures 5 1/2 in." :value="$form->value('post_nominal')" />
    <x-field name="post_b" form="plan" label="Measured: width along the base line"
        :hint="'Or the diameter.'.(($unit === Unit::Millimetre) ? ' Usual: 90, 100, 125, 150.' : '')" :value="$form->value('post_b')" />
    <x-field name="post_d" form="plan" label="Measured: other way" hint="Left empty: square." :value="$form->value('post_d')" />
    <x-field name="hole" form="plan" label="Hole, across"
        :hint="$unit === Unit::Millimetre ? 'Left empty: room for the post and cover all round. Augers: 150 to 450.'
            : 'Left empty: room for the post and cover all round.'"
            :value="$form->value('hole')" />
    <x-field name="standing" form="plan" label="Posts stand above the ground, about" :value="$form->value('standing')" />
</fieldset>
@foreach (['x' => ['Along the base line', 'columns', 'bays'], 'y' => ['Away from the base line', 'rows', 'bays']] as $axis => [$words, $lines, $bays])
    <fieldset class="group"><legend>{{ $words }}</legend>
        <x-choice :name="'by_'.$axis" form="plan" label="Given by" :value="$form->value('by_'.$axis)"
            :options="['bays' => 'bays, centre to centre', 'overall' => 'overall size']" />
        <x-field :name="'bays_'.$axis" form="plan" label="Bays"
            :hint="(($unit === Unit::Millimetre) ? 'With a semicolon between: 2400; 3 x 2700; 2300'
                : 'With a semicolon between: 8\'; 3 x 9\'; 7\'').' — empty for a single line. “rest” takes what the overall size leaves.'"
                    :value="$form->value('bays_'.$axis)" />
        <x-field :name="'overall_'.$axis" form="plan" label="Overall size" :value="$form->value('overall_'.$axis)" />
        <x-choice :name="'held_'.$axis" form="plan" label="Tape held at" :value="$form->value('held_'.$axis)"
            :options="['outside' => 'outside faces', 'centre' => 'centres', 'inside' => 'inside faces (clear)', 'face' => 'same face of both posts']"
            />
        <x-field :name="'count_'.$axis" form="plan" label="Number of bays" inputmode="numeric" :value="$form->value('count_'.$axis)" />
        <x-field :name="'largest_'.$axis" form="plan" label="Or largest bay" :value="$form->value('largest_'.$axis)" />
        @if ($form->lines($axis))
            <x-choice :name="'change_'.$axis" form="plan" :label="'More or fewer '.$lines.' than before: where'" hint="The others keep their records."
                :value="count($form->lines($axis))"
                :options="$form->places($axis)" />
        @endif
    </fieldset>
@endforeach
<fieldset class="group"><legend>Posts left out</legend>
    <x-field name="left_out" form="plan" label="Labels" hint="Such as C2 C3; a crossing without a post." :value="$form->value('left_out')" />
</fieldset>
