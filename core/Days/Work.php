<?php

declare(strict_types=1);

namespace Aequus\Days;

/** A piece of work: how much of it, how fast one person is, how many do it together, and what it waits for. */
final readonly class Work
{
    /** So near to a whole number of quarters is that number. */
    private const HAIR = 1e-9;

    /** Quarter hours it takes. */
    public int $quarters;

    /**
     * @param  float  $rate  of one person in an hour
     * @param  list<Need>  $needs
     * @param  ?string  $notBefore  local, as YYYY-MM-DD or YYYY-MM-DDTHH:MM
     *
     * @throws DaysRefused when nobody gets on with it
     */
    public function __construct(
        public string $name, public WorkKind $kind, float $amount, float $rate, public int $people = 1, public array $needs = [],
        public bool $openTube = false,
        public bool $longBeam = false, public bool $inside = false, public ?string $notBefore = null,
    ) {
        if ($rate <= 0.0 || $people < 1) {
            throw DaysRefused::withoutRate($name);
        }
        $this->quarters = (int) ceil(4 * $amount / $rate / $people - self::HAIR);
    }
}
