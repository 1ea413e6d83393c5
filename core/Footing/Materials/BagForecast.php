<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

/** Whether the bags on site last to the end, in pouring order, and at which hole they run out. */
final readonly class BagForecast
{
    public int $needed;

    /** Below zero: so many are missing. */
    public int $leftAfter;

    /** Name of the hole at which they run out; null when they last. */
    public ?string $runsOutAt;

    /**
     * @param  array<string, float>  $holes  mm³ by name, in pouring order
     * @param  bool  $mixedAlone  each hole mixed alone, or one mix after the other for all
     */
    private function __construct(array $holes, Bag $bag, float $waste, int $onSite, bool $mixedAlone)
    {
        $used = 0;
        $runsOut = null;
        $so = [];
        foreach ($holes as $name => $volume) {
            $so[] = $volume;
            $used = $mixedAlone ? $bag->forEachHole($so, $waste) : $bag->forJob($so, $waste);
            $runsOut ??= $used > $onSite ? (string) $name : null;
        }
        [$this->needed, $this->leftAfter, $this->runsOutAt] = [$used, $onSite - $used, $runsOut];
    }

    /** @param  array<string, float>  $holes */
    public static function together(array $holes, Bag $bag, float $waste, int $onSite): self
    {
        return new self($holes, $bag, $waste, $onSite, false);
    }

    /** @param  array<string, float>  $holes */
    public static function eachAlone(array $holes, Bag $bag, float $waste, int $onSite): self
    {
        return new self($holes, $bag, $waste, $onSite, true);
    }
}
