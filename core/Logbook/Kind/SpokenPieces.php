<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\TapeClass;
use Aequus\Measure\UnreadableLength;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Closure;

/** The pieces of a line as it is called across a yard: posts, sides and lengths of one plan. */
final readonly class SpokenPieces
{
    /** What a label looks like, whether or not a post carries it. */
    public const LABEL = '[a-z]{1,2}\d{1,3}';

    private SideNames $sides;

    /**
     * @param  ?PostId  $of  whose sides are named; null for those of the job
     * @param  Closure(PostId): Stage  $stageOf  at which stage a post would be read for plumb now
     * @param  TapeClass  $tape  taken where a line names none
     */
    public function __construct(public Plan $plan, private Closure $stageOf, public TapeClass $tape, ?PostId $of = null)
    {
        $this->sides = $of === null ? $plan->sides : $plan->sidesOf($of);
    }

    /** The same of one post, whose sides may have names of their own. */
    public function of(PostId $post): self
    {
        return new self($this->plan, $this->stageOf, $this->tape, $post);
    }

    /** The same in the directions of the job. */
    public function ofTheJob(): self
    {
        return new self($this->plan, $this->stageOf, $this->tape);
    }

    public function stageOf(PostId $post): Stage
    {
        return ($this->stageOf)($post);
    }

    /** @throws PlanRefused when no post has that label */
    public function post(string $label): PostId
    {
        return $this->plan->grid->labelled(strtoupper($label))->id;
    }

    /** The fixed line whose name begins what was said; of two that begin alike the one with more of it. */
    public function lineNamed(string $said): ?FixedLine
    {
        $named = array_filter(
            $this->plan->fixedLines(), fn (FixedLine $line) => str_starts_with(mb_strtolower($said).' ', mb_strtolower($line->name).' '),
        );
        usort($named, fn (FixedLine $one, FixedLine $other) => mb_strlen($other->name) <=> mb_strlen($one->name));

        return $named[0] ?? null;
    }

    /** @throws UnreadableLength naming the piece that was not understood */
    public function length(string $typed): Length
    {
        return LengthReader::read($typed, $this->plan->notation->unit);
    }

    /** A small amount as it is called in this job. */
    public function gap(): string
    {
        return $this->plan->notation->system()->gap;
    }

    /**
     * What stands before a side, and the side: “1/8 east”, “3 toward the lane”.
     *
     * @return array{string, Side}
     *
     * @throws EntryRefused when no side of the job stands at the end
     */
    public function toward(string $said): array
    {
        $names = implode('|', array_map(fn (string $name) => preg_quote($name, '/'), $this->sideNames()));
        if (! preg_match("/^(.+?) (?:to(?:ward)? )?(?:the )?({$names})$/iu", trim($said), $found)) {
            throw EntryRefused::lineWithoutSide(trim($said), $this->gap(), $this->sideNames());
        }

        return [$found[1], $this->side($found[2])];
    }

    /** @throws EntryRefused when the job has no such side */
    public function side(string $name): Side
    {
        foreach (Side::cases() as $side) {
            if (mb_strtolower($this->sides->nameOf($side)) === mb_strtolower(trim($name))) {
                return $side;
            }
        }
        throw EntryRefused::lineWithoutSide($name, $this->gap(), $this->sideNames());
    }

    /** @return list<string> */
    public function sideNames(): array
    {
        return array_map($this->sides->nameOf(...), Side::cases());
    }
}
