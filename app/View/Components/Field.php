<?php

declare(strict_types=1);

namespace App\View\Components;

use Aequus\Measure\Unit;
use App\Type\Said;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A field to type into, with its label, its hint and why it was refused; a length is echoed as it is understood. */
final class Field extends Component
{
    use OldInput;

    public string $id;

    public mixed $typed;

    public string $refusal;

    /** Ids of what describes it. */
    public string $described;

    /**
     * @param  ?string  $form  the name of its form, where a page has several
     * @param  ?Unit  $unit  in which a length is read; null where none is
     */
    public function __construct(
        public string $name, public string $label, mixed $value = '', public string|Said|null $hint = null, public ?Unit $unit = null,
        ?string $id = null,
        ?string $form = null,
        public bool $wide = false, public string $type = 'text', public string $autocomplete = 'off', public bool $required = false,
    ) {
        $this->id = $id ?? ($form ?? 'f')."-{$name}";
        $this->typed = $type === 'password' ? '' : $this->typed($form, $name, $value);
        $this->refusal = $this->refused($form, $name);
        $this->described = implode(
            ' ', array_filter([$hint ? "{$this->id}-hint" : '', $this->refusal !== '' ? "{$this->id}-refusal" : '', $unit ? "{$this->id}-echo" : '']),
        );
    }

    public function render(): View
    {
        return view('components.field');
    }
}
