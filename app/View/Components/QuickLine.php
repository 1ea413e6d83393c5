<?php

declare(strict_types=1);

namespace App\View\Components;

use Aequus\Logbook\EntryKind;
use Aequus\Words\EntryWords;
use App\Site\JobSite;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The line that takes any entry as one would call it across a yard. */
final class QuickLine extends Component
{
    use OldInput;

    public string $typed;

    public string $refusal;

    /** Whether it waits to be told that all is right as typed. */
    public bool $asksSure;

    /** The entry it took last; null where it took none. */
    public ?int $last;

    /** One of them, shown while the line is empty. */
    public string $example;

    /** @var array<string, string> by what the kind of entry is called */
    public array $examples = [];

    public function __construct(public JobSite $site)
    {
        $isMine = old('form') === 'quick';
        $line = old('line');
        $this->typed = $isMine && is_string($line) ? $line : '';
        $this->refusal = $isMine ? ($this->refused('quick', 'line') ?: $this->refused('quick', 'refused')) : '';
        $this->asksSure = $isMine && session('asks_sure') === 'quick';
        $this->last = session('recorded');
        $spoken = $site->state->quickLine()->examples();
        $this->example = explode(',', $spoken[EntryKind::Hole->value])[0];
        foreach ($spoken as $kind => $example) {
            $this->examples[EntryWords::called(EntryKind::from($kind))] = $example;
        }
    }

    public function render(): View
    {
        return view('components.quick-line');
    }
}
