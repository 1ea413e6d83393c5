<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Measure\Notation;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Thing;
use Aequus\Words\Thing\ThingWords;
use App\Drawing\ProfileDrawing;

/** A thing as it usually is: what the list of them shows, and what a form begins with. */
final readonly class UsualThing
{
    public Made $made;

    public ProfileDrawing $drawing;

    public string $sentence;

    public function __construct(public Thing $thing, Notation $notation)
    {
        $this->made = $thing->make(self::heard($thing, $notation));
        $this->drawing = new ProfileDrawing($this->made->profile, $notation);
        $this->sentence = ThingWords::sentence($thing->kind());
    }

    public static function heard(Thing $thing, Notation $notation): Heard
    {
        return Heard::usual($notation, ThingWords::sides($thing->kind()), $thing->asks());
    }
}
