<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Side;

/** A tie, a knee brace or a prop that stays: where it meets its post above the ground, and how far it reaches. */
final readonly class Brace
{
    /**
     * @param  ?PostId  $to  other post of a tie, or the one toward which a knee leans; null for a prop
     * @param  ?Side  $toward  side on which a prop stands; null for the others
     * @param  Length  $high  above the ground, where it meets its post
     * @param  Length  $reach  of a knee along the beam and down the post; of a prop on the ground; nothing for a tie
     *
     * @throws PlanRefused when it has no height or no reach, or would lean on its own post
     */
    public function __construct(
        public BraceKind $kind, public PostId $post, public ?PostId $to, public ?Side $toward, public Length $high, public Length $reach,
    ) {
        if (! $high->isPositive() || ($kind !== BraceKind::Tie && ! $reach->isPositive())) {
            throw PlanRefused::braceWithoutReach();
        }
        if ($to?->equals($post) || ($kind === BraceKind::Prop ? $toward : $to) === null) {
            throw PlanRefused::braceToNowhere();
        }
    }

    public function at(Length $high): self
    {
        return new self($this->kind, $this->post, $this->to, $this->toward, $high, $this->reach);
    }

    public function reaching(Length $reach): self
    {
        return new self($this->kind, $this->post, $this->to, $this->toward, $this->high, $reach);
    }

    public function standingToward(Side $toward): self
    {
        return new self($this->kind, $this->post, $this->to, $toward, $this->high, $this->reach);
    }
}
