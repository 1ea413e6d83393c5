<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

/** What keeps a batter board from where it was to stand. */
final readonly class BoardObstacle
{
    /** @param  bool  $isBuried  a service in its no-dig band, where no board stake is driven; otherwise a fixed line the board would stand behind */
    public function __construct(public string $name, public bool $isBuried)
    {
    }
}
