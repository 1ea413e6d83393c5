<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Site\JobSite;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The pages of one phase, side by side. */
final class Ways extends Component
{
    private const PAGES = [
        'square' => ['square', 'square.prove', 'square.hand', 'square.cast', 'square.sheet'],
        'level' => ['level', 'level.instruments'],
        'footing' => [
            'footing', 'footing.compare', 'footing.frost', 'footing.loads', 'footing.hold', 'footing.width', 'footing.piers', 'footing.dig',
            'footing.bill',
        ],
        'set' => ['set', 'set.tops', 'set.stop', 'set.start'],
        'cut' => ['cut', 'cut.rods', 'cut.set-out', 'cut.members', 'cut.fixings', 'cut.boards', 'cut.frame'],
    ];

    /** @var array<string, string> what each is called, by its route */
    public array $pages;

    /** @param  string  $here  the route of the page it stands on */
    public function __construct(public JobSite $site, public string $here)
    {
        $routes = self::PAGES[explode('.', $here)[0]];
        $this->pages = array_combine($routes, array_map(fn (string $route) => Say::text("components.ways.{$route}"), $routes));
    }

    public function render(): View
    {
        return view('components.ways');
    }
}
