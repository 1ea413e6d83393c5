<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\Support\ViewErrorBag;

/** What a field of a form shows after it came back: what was typed into it, and why it was refused. Another form of the page keeps its own. */
trait OldInput
{
    private function isMine(?string $form): bool
    {
        return $form === null || old('form', $form) === $form;
    }

    private function typed(?string $form, string $name, mixed $value): mixed
    {
        return $this->isMine($form) ? old($name, $value) : $value;
    }

    private function refused(?string $form, string $name): string
    {
        $errors = session('errors');

        return $this->isMine($form) && $errors instanceof ViewErrorBag ? $errors->getBag('default')->first($name) : '';
    }
}
