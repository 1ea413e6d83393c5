<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;

/** How the layout is to be proved, and how strings and boards stand while it is. */
final readonly class LayoutRules
{
    /**
     * @param  ChosenPlacement  $placement  base line, best fit or fewest moves; posts that are set hold the layout whatever is chosen
     * @param  TapeClass  $tape  that the readings will be taken with
     * @param  ?Length  $reach  of that tape; null for long enough
     * @param  Length  $cover  of fill that a post must keep all round in its hole
     * @param  ?PostId  $baseFrom  where the base line begins; null for the first post of row 1
     * @param  ?PostId  $baseTo  where it ends; null for the last post of row 1
     * @param  list<FixedLine>  $fixedLines  that the grid runs parallel to, the first named first: they hold it
     * @param  bool  $roughFirst  stakes are set roughly, and the layout is proved on boards and strings; else on the stakes alone
     * @param  list<string>  $spared  keys of readings that are pulled only where the others leave a doubt
     *
     * @throws PlanRefused when the base line would begin and end at one post
     */
    public function __construct(
        public ChosenPlacement $placement,
        public ReadingList $list,
        public TapeClass $tape,
        public ?Length $reach,
        public StringRun $strings,
        public BoardRules $boards,
        public Length $cover,
        public ?PostId $baseFrom = null,
        public ?PostId $baseTo = null,
        public array $fixedLines = [],
        public bool $roughFirst = false,
        public array $spared = [],
    ) {
        if ($baseFrom !== null && $baseTo !== null && $baseFrom->equals($baseTo)) {
            throw PlanRefused::baseLineOfOnePost();
        }
    }

    /**
     * The usual ones: laid so that the fewest stakes must move; everything taped, with steel.
     *
     * @param  Length  $reach  of a hole from its middle
     */
    public static function usual(Length $reach): self
    {
        return new self(
            ChosenPlacement::FewestMoves, ReadingList::Full, TapeClass::Steel, null,
            StringRun::centre(), new BoardRules(Length::feet(3)->plus($reach), Length::feet(3)), Length::zero(),
        );
    }

    public function placedBy(ChosenPlacement $placement): self
    {
        return $this->with($placement, $this->fixedLines, $this->spared);
    }

    /**
     * Held by these lines: by the line is how it is judged while there is one, unless another way was chosen beside it.
     *
     * @param  list<FixedLine>  $lines
     */
    public function heldBy(array $lines): self
    {
        $more = count($lines) > count($this->fixedLines);

        return $this->with(match (true) {
            $lines === [] && $this->placement === ChosenPlacement::ByLine => ChosenPlacement::FewestMoves,
            $more => ChosenPlacement::ByLine,
            default => $this->placement,
        }, $lines, $this->spared);
    }

    /** @param  Length  $cover  of fill that a post must keep all round in its hole */
    public function covering(Length $cover): self
    {
        return new self(
            $this->placement, $this->list, $this->tape, $this->reach, $this->strings, $this->boards, $cover, $this->baseFrom, $this->baseTo,
            $this->fixedLines, $this->roughFirst, $this->spared,
        );
    }

    /** @param  list<string>  $keys  of readings that are pulled only where the others leave a doubt */
    public function sparing(array $keys): self
    {
        return $this->with($this->placement, $this->fixedLines, $keys);
    }

    /**
     * @param  list<FixedLine>  $fixedLines
     * @param  list<string>  $spared
     */
    private function with(ChosenPlacement $placement, array $fixedLines, array $spared): self
    {
        return new self(
            $placement, $this->list, $this->tape, $this->reach, $this->strings, $this->boards, $this->cover, $this->baseFrom, $this->baseTo,
            $fixedLines, $this->roughFirst, $spared,
        );
    }
}
