<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Site\SiteState;
use App\Drawing\FrameDrawing;
use App\Drawing\FrameView;

/** The frame of every part on paper: each looked at from above, from its four sides and over a corner. */
final readonly class FrameSheet
{
    private const VIEWS = [FrameView::Corner1, FrameView::FromAbove, FrameView::MinusY, FrameView::PlusX, FrameView::PlusY, FrameView::MinusX];

    /** @var list<MembersPage> each that something stands on */
    public array $frames;

    /** Whether a job of this kind usually carries nothing, and nobody decided otherwise. */
    public bool $isNoneUsual;

    public function __construct(private SiteState $site)
    {
        $first = new MembersPage($site, '', '');
        $this->isNoneUsual = ! $first->isDecided && $first->rules->layers === [];
        $this->frames = array_values(array_filter(
            array_map(
                fn (string $on) => $on === '' ? $first : new MembersPage($site, '', '', $on), array_map(strval(...), array_keys($first->standsOn())),
            ),
            fn (MembersPage $page) => $page->drawing !== null,
        ));
    }

    /** @return list<array{string, FrameDrawing}> each view with what it is called */
    public function drawings(MembersPage $page): array
    {
        $drawings = [];
        foreach (self::VIEWS as $view) {
            $drawn = (new MembersPage($this->site, $view->value, '', $page->on))->drawing;
            $drawings = $drawn === null ? $drawings : [...$drawings, [$page->views()[$view->value], $drawn]];
        }

        return $drawings;
    }

    /** An image of it that a sheet can hold. */
    public static function image(FrameDrawing $drawing): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode(view('paper.frame-drawing', ['model' => $drawing])->render());
    }
}
