<?php

declare(strict_types=1);

namespace App\Thing;

use Aequus\Measure\Notation;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Thing;

/** The questions of one thing, with what stands in their fields before anyone types. */
final readonly class ThingForm
{
    /** @var list<ThingField> that are asked of everybody */
    public array $asked;

    /** @var list<ThingField> whose usual answer serves most */
    public array $folded;

    public function __construct(public Thing $thing, public Heard $heard)
    {
        $fields = array_map(fn (Asked $asked) => new ThingField($asked, $heard->of($asked->ask), $heard->notation), $thing->asks());
        $this->asked = array_values(array_filter($fields, fn (ThingField $field) => ! $field->isFolded));
        $this->folded = array_values(array_filter($fields, fn (ThingField $field) => $field->isFolded));
    }

    /** Questions of a thing that is only begun, in a notation. */
    public static function fresh(Thing $thing, Notation $notation): self
    {
        return new self($thing, UsualThing::heard($thing, $notation));
    }
}
