<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Site\JobSite;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The pages of one phase, side by side. */
final class Ways extends Component
{
    private const PAGES = [
        'square' => [
            'square' => 'Readings', 'square.prove' => 'Before you pull', 'square.hand' => 'Setting out', 'square.cast' => 'As cast',
            'square.sheet' => 'Stake sheet',
        ],
        'level' => ['level' => 'Heights', 'level.instruments' => 'Before you level'],
        'footing' => [
            'footing' => 'Depths', 'footing.compare' => 'Side by side', 'footing.frost' => 'Frost', 'footing.loads' => 'Load sheet', 'footing.hold' => 'Ways to hold',
            'footing.width' => 'Width', 'footing.piers' => 'Piers', 'footing.dig' => 'Dig list', 'footing.materials' => 'Materials',
        ],
        'set' => ['set' => 'All posts', 'set.tops' => 'Spacing and tops', 'set.stop' => 'Stop now'],
        'cut' => ['cut' => 'Marks', 'cut.rods' => 'Rod marks', 'cut.set-out' => 'Set-out'],
    ];

    /** @var array<string, string> what each is called, by its route */
    public array $pages;

    /** @param  string  $here  the route of the page it stands on */
    public function __construct(public JobSite $site, public string $here)
    {
        $this->pages = self::PAGES[explode('.', $here)[0]];
    }

    public function render(): View
    {
        return view('components.ways');
    }
}
