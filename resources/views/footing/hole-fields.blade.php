<x-field name="depth" form="hole" :label="$label" :unit="$site->plan->notation->unit" wide />
<x-field name="width" form="hole" label="Width, where it differs" :hint="'Empty: '.$site->plan->write($site->plan->holeDiameter).', as planned.'" :unit="$site->plan->notation->unit" />
<x-choice name="found" form="hole" label="It met" :options="['' => 'nothing'] + collect(\Aequus\Logbook\Finding::cases())->mapWithKeys(fn ($found) => [$found->value => $found->inWords()])->all()" />
<button class="button">Write it down</button>
