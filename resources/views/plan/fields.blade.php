@use('Aequus\Plan\Work\Crew')
@use('Aequus\Plan\Work\Lasting')
@use('Aequus\Plan\Work\Make')
@use('Aequus\Plan\Work\Timber')
@use('Aequus\Measure\Unit')
@use('Aequus\Plan\JobKind')
@use('Aequus\Words\Names')
@use('App\View\Choices')
@props(['form', 'plan' => null, 'unit' => null])
<fieldset class="group"><legend>{{ $say('plan.fields.what_and_how_measured') }}</legend>
    <x-choice name="kind" form="plan" :label="$say('page.what_stands_on_the_posts')" :value="$form->value('kind')"
        :options="Choices::of(JobKind::cases())" />
    <x-choice name="notation" form="plan" :label="$say('plan.fields.lengths_in')" :value="$form->value('notation')"
        :options="Choices::notations()" />
    <x-choice name="tolerance" form="plan" :label="$say('plan.fields.how_close_is_close_enough')" :value="$form->value('tolerance')"
        :options="Choices::tolerances()" />
    <x-field name="squareness" form="plan" :label="$say('plan.fields.or_a_figure_of_your')" :hint="$say('plan.fields.left_empty_the_usual_one')"
        :value="$form->value('squareness')" />
    <x-field name="along" form="plan" :label="$say('plan.fields.along_a_single_row')" :hint="$say('plan.fields.along_a_single_row_why')"
        :value="$form->value('along')" />
</fieldset>
<fieldset class="group"><legend>{{ $say('plan.fields.names_of_the_four_sides') }}</legend>
    <p class="hint field-wide">{{ $say('plan.fields.stand_at_a1_and_look') }}</p>
    <x-field name="side_minus_y" form="plan" :label="$say('plan.fields.along_the_base_line_row')" :value="$form->value('side_minus_y')" />
    <x-field name="side_plus_y" form="plan" :label="$say('plan.fields.far_side_last_row')" :value="$form->value('side_plus_y')" />
    <x-field name="side_minus_x" form="plan" :label="$say('plan.fields.near_end_column_a')" :value="$form->value('side_minus_x')" />
    <x-field name="side_plus_x" form="plan" :label="$say('plan.fields.far_end_last_column')" :value="$form->value('side_plus_x')" />
</fieldset>
<fieldset class="group"><legend>{{ $say('plan.fields.the_post_and_its_hole') }}</legend>
    <x-choice name="post_shape" form="plan" :label="$say('page.post')" :value="$form->value('post_shape')"
        :options="['nominal' => $say('plan.fields.sawn_by_its_name_4x4'), 'measured' => $say('plan.fields.square_or_rectangular_as_measured'), 'round'
            => $say('plan.fields.round_as_measured')]"
        />
    <x-field name="post_nominal" form="plan" :label="$say('page.name')" :hint="$say('plan.fields.a_6x6_measures_5_1')"
        :value="$form->value('post_nominal')" />
    <x-field name="post_b" form="plan" :label="$say('plan.fields.measured_width_along_the_base')"
        :hint="$say('plan.fields.width_why', usual: $unit->system()->examples['widths'])"
            :value="$form->value('post_b')" />
    <x-field name="post_d" form="plan" :label="$say('plan.fields.measured_other_way')" :hint="$say('plan.fields.left_empty_square')"
        :value="$form->value('post_d')" />
    <x-field name="heavy" form="plan" :label="$say('plan.fields.heavy')" :hint="$say('plan.fields.heavy_why')"
        :value="$form->value('heavy')" />
    <x-field name="hole" form="plan" :label="$say('plan.fields.hole_across')"
        :hint="$say('plan.fields.hole_why', usual: $unit->system()->examples['holes'])"
            :value="$form->value('hole')" />
    <x-field name="standing" form="plan" :label="$say('plan.fields.posts_stand_above_the_ground')" :value="$form->value('standing')" />
</fieldset>
@foreach (['x' => [$say('plan.fields.along_the_base_line'), $say('page.columns'),
    $say('plan.fields.bays_word')], 'y' => [$say('plan.fields.away_from_the_base_line'),
    $say('page.rows'), $say('plan.fields.bays_word')]] as $axis => [$words, $lines, $bays])
    <fieldset class="group"><legend>{{ $words }}</legend>
        <x-choice :name="'by_'.$axis" form="plan" :label="$say('plan.fields.given_by')" :value="$form->value('by_'.$axis)"
            :options="['bays' => $say('plan.fields.bays_centre_to_centre'), 'overall' => $say('plan.fields.overall_size')]" />
        <x-field :name="'bays_'.$axis" form="plan" :label="$say('plan.fields.bays_2')"
            :hint="$say('plan.fields.bays_why', such: $unit->system()->examples['bays'])"
                    :value="$form->value('bays_'.$axis)" />
        <x-field :name="'overall_'.$axis" form="plan" :label="$say('plan.fields.overall_size_2')"
            :value="$form->value('overall_'.$axis)" />
        <x-choice :name="'held_'.$axis" form="plan" :label="$say('plan.fields.tape_held_at')"
            :value="$form->value('held_'.$axis)"
            :options="['outside' => $say('plan.fields.outside_faces'), 'centre' => $say('plan.fields.centres'), 'inside'
                => $say('plan.fields.inside_faces_clear'), 'face' => $say('plan.fields.same_face_of_both_posts')]"
            />
        <x-field :name="'count_'.$axis" form="plan" :label="$say('plan.fields.number_of_bays')" inputmode="numeric"
            :value="$form->value('count_'.$axis)" />
        <x-field :name="'largest_'.$axis" form="plan" :label="$say('plan.fields.or_largest_bay')"
            :value="$form->value('largest_'.$axis)" />
        @if ($form->lines($axis))
            <x-choice :name="'change_'.$axis" form="plan"
                :label="$say('plan.fields.more_or_fewer_than_before', lines: $lines)" :hint="$say('plan.fields.the_others_keep_their_records')"
                :value="count($form->lines($axis))"
                :options="$form->places($axis)" />
        @endif
    </fieldset>
@endforeach
<fieldset class="group"><legend>{{ $say('plan.fields.the_work') }}</legend>
    <x-choice name="make" form="plan" :label="$say('plan.fields.make')" :value="$form->value('make')" :options="Choices::of(Make::cases())" />
    <x-choice name="timber" form="plan" :label="$say('plan.fields.timber')" :value="$form->value('timber')"
        :options="Choices::of(Timber::cases())" />
    <x-choice name="crew" form="plan" :label="$say('plan.fields.crew')" :value="$form->value('crew')" :options="Choices::of(Crew::cases())" />
    <x-choice name="lasting" form="plan" :label="$say('plan.fields.lasting')" :value="$form->value('lasting')"
        :options="Choices::of(Lasting::cases())" />
</fieldset>
<fieldset class="group"><legend>{{ $say('plan.fields.posts_left_out') }}</legend>
    <x-field name="left_out" form="plan" :label="$say('plan.fields.labels')" :hint="$say('plan.fields.such_as_c2_c3_a')"
        :value="$form->value('left_out')" />
</fieldset>
