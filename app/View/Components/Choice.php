<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** One of several, from a list. */
final class Choice extends Component
{
    use OldInput;

    public string $id;

    public string $chosen;

    public string $refusal;

    /** @param  array<int|string, string>  $options  what people call each, by what is sent */
    public function __construct(
        public string $name, public string $label, public array $options, mixed $value = '', public ?string $hint = null, ?string $id = null,
        ?string $form = null, public bool $wide = false,
    ) {
        $this->id = $id ?? ($form ?? 'f')."-{$name}";
        $this->chosen = (string) $this->typed($form, $name, $value);
        $this->refusal = $this->refused($form, $name);
    }

    public function render(): View
    {
        return view('components.choice');
    }
}
