<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Stock\Stock;

/**
 * A beam over its posts, of one ply or more, out of stock lengths with prices: joints only over posts, every piece on two of them. As few joints as
 * can be lie over one post in neighbouring plies; then the fewest pieces, the least price, the longest first piece, second, and so on. Only lines
 * from which no joint can be spared are looked at.
 */
final readonly class BeamLine
{
    /** Up to so many such lines each is tried beside each. */
    private const MOST = 600;

    private const MOST_OPEN = 20_000;

    public int $pieces;

    public float $price;

    /** @var list<array{int, string}> number of the first of two plies side by side, and the post over which both are joined */
    public array $shared;

    /**
     * @param  non-empty-list<JointedPly>  $plies
     * @param  bool  $isExact  whether no better line exists
     */
    private function __construct(public array $plies, public bool $isExact)
    {
        $this->pieces = array_sum(array_map(fn (JointedPly $ply) => count($ply->pieces), $plies));
        $this->price = array_sum(array_map(fn (JointedPly $ply) => $ply->price, $plies));
        $shared = [];
        for ($i = 1; $i < count($plies); $i++) {
            foreach (array_intersect($plies[$i - 1]->joints, $plies[$i]->joints) as $post) {
                $shared[] = [$i, $post];
            }
        }
        $this->shared = $shared;
    }

    /**
     * @param  list<Bearing>  $bearings  from the beam’s end on
     * @param  non-empty-list<Stock>  $stocks
     *
     * @throws FrameRefused naming the post off the beam, or the two between which no stock reaches
     */
    public static function over(Length $length, array $bearings, array $stocks, int $plies = 1): self
    {
        self::check($length, $bearings, $stocks);
        if ($plies <= 1) {
            return new self([self::cheapestLine($length, $bearings, $stocks)], true);
        }
        $lines = self::lines($length, $bearings, $stocks);
        if ($lines !== null) {
            return new self(self::beside($lines, $plies), true);
        }
        // Too many to try each beside each: ply by ply the best that shares fewest joints with the one before.
        $one = [self::cheapestLine($length, $bearings, $stocks)];
        while (count($one) < $plies) {
            $one[] = self::cheapestLine($length, $bearings, $stocks, $one[count($one) - 1]->joints);
        }

        return new self($one, false);
    }

    /**
     * Rows of boards: never joined over one joist in two rows side by side.
     *
     * @param  list<Bearing>  $joists
     * @param  non-empty-list<Stock>  $stocks
     *
     * @throws FrameRefused naming a joist over which two rows would both be joined
     */
    public static function boards(Length $length, array $joists, array $stocks, int $rows): self
    {
        $line = self::over($length, $joists, $stocks, $rows);

        return $line->shared === [] ? $line : throw FrameRefused::rowsShareAJoist($line->shared[0][1]);
    }

    public function isStaggered(): bool
    {
        return $this->shared === [];
    }

    /**
     * @param  list<Bearing>  $bearings
     * @param  non-empty-list<Stock>  $stocks
     */
    private static function check(Length $length, array $bearings, array $stocks): void
    {
        foreach ($bearings as $bearing) {
            if ($bearing->at->isNegative() || $bearing->at->isLongerThan($length)) {
                throw FrameRefused::postOffTheBeam($bearing->name);
            }
        }
        if (count($bearings) < 2) {
            throw FrameRefused::because(FrameRefusal::FewerThanTwoBearings);
        }
        $longest = max(array_map(fn (Stock $stock) => $stock->length->nanometres, $stocks));
        for ($i = 1, $last = count($bearings) - 1; $i <= $last; $i++) {
            // The first and the last piece take what stands over with them.
            $from = $i === 1 ? Length::zero() : $bearings[$i - 1]->at;
            $to = $i === $last ? $length : $bearings[$i]->at;
            if ($to->minus($from)->nanometres > $longest) {
                throw FrameRefused::noStockReaches($bearings[$i - 1]->name, $bearings[$i]->name);
            }
        }
    }

    /**
     * Of one ply the best line, from its far end back: whatever comes before a joint, what is best behind it stays best.
     *
     * @param  list<Bearing>  $bearings
     * @param  non-empty-list<Stock>  $stocks
     * @param  list<string>  $beside  joints of the ply before, to be shared as little as can be
     *
     * @throws FrameRefused where no line rests on two posts with every piece
     */
    private static function cheapestLine(Length $length, array $bearings, array $stocks, array $beside = []): JointedPly
    {
        $shared = fn (JointedPly $line): int => count(array_intersect($line->joints, $beside));
        $best = null;
        /** @var array<int, JointedPly> $from by the joint at which it begins, -1 for the beam’s own end */
        $from = [];
        for ($start = count($bearings) - 1; $start >= -1; $start--) {
            $best = null;
            foreach (self::pieces($length, $bearings, $stocks, $start) as $i => [$piece, $stock]) {
                $rest = $from[$i] ?? null;
                if ($i < count($bearings) && $rest === null) {
                    continue;
                }
                $line = new JointedPly(
                    [...($i < count($bearings) ? [$bearings[$i]->name] : []), ...($rest->joints ?? [])], [[$piece, $stock], ...($rest->pieces ?? [])],
                );
                $best = $best === null || [$shared($line), ...$line->cost()] < [$shared($best), ...$best->cost()] ? $line : $best;
            }
            if ($best !== null) {
                $from[$start] = $best;
            }
        }

        return $best ?? throw FrameRefused::because(FrameRefusal::FewerThanTwoBearings);
    }

    /**
     * Every piece that may begin at a joint: it rests on two posts, and some stock holds it.
     *
     * @param  list<Bearing>  $bearings
     * @param  non-empty-list<Stock>  $stocks
     * @param  int  $start  joint at which it begins, -1 for the beam’s own end
     * @return array<int, array{Length, Stock}> by the joint at which it ends; the count of bearings for the beam’s far end
     */
    private static function pieces(Length $length, array $bearings, array $stocks, int $start): array
    {
        $longest = max(array_map(fn (Stock $stock) => $stock->length->nanometres, $stocks));
        $begins = $start < 0 ? 0 : $bearings[$start]->at->nanometres;
        $pieces = [];
        for ($i = $start + 1; $i <= count($bearings); $i++) {
            $ends = ($bearings[$i] ?? null)?->at->nanometres ?? $length->nanometres;
            // The joint it begins at, where it begins at one, and all up to its end.
            $rests = ($start < 0 ? 0 : 1) + min($i, count($bearings) - 1) - $start;
            $isJoint = isset($bearings[$i]);
            if ($ends - $begins > $longest) {
                break;
            }
            if ($ends > $begins && $rests >= 2 && ! ($isJoint && $ends >= $length->nanometres)) {
                $pieces[$i] = [Length::nanometres($ends - $begins), self::cheapest($ends - $begins, $stocks)];
            }
        }

        return $pieces;
    }

    /**
     * Every line from which no joint can be spared, few pieces first; null where there are too many to try each beside each.
     *
     * @param  list<Bearing>  $bearings
     * @param  non-empty-list<Stock>  $stocks
     * @return ?non-empty-list<JointedPly>
     */
    private static function lines(Length $length, array $bearings, array $stocks): ?array
    {
        $longest = max(array_map(fn (Stock $stock) => $stock->length->nanometres, $stocks));
        $starting = array_map(fn (int $start) => self::pieces($length, $bearings, $stocks, $start), range(-1, count($bearings) - 1));
        /** @var list<array{int, int, list<string>, list<array{Length, Stock}>}> $open last joint, the piece before, joints and pieces so far */
        $open = [[-1, 0, [], []]];
        $lines = [];
        for ($at = 0; $at < count($open); $at++) {
            if (count($open) > self::MOST_OPEN || count($lines) > self::MOST) {
                return null;
            }
            [$last, $before, $joints, $pieces] = $open[$at];
            foreach ($starting[$last + 1] as $i => $piece) {
                if ($before > 0 && $before + $piece[0]->nanometres <= $longest) {
                    continue;
                }
                if ($i === count($bearings)) {
                    $lines[] = new JointedPly($joints, [...$pieces, $piece]);
                } else {
                    $open[] = [$i, $piece[0]->nanometres, [...$joints, $bearings[$i]->name], [...$pieces, $piece]];
                }
            }
        }

        return $lines === [] ? null : $lines;
    }

    /** @param  non-empty-list<Stock>  $stocks */
    private static function cheapest(int $piece, array $stocks): Stock
    {
        $best = $stocks[0];
        foreach ($stocks as $stock) {
            if ($stock->length->nanometres >= $piece && ($best->length->nanometres < $piece || $stock->price < $best->price)) {
                $best = $stock;
            }
        }

        return $best;
    }

    /**
     * Ply by ply the best way to each line, by the line of the ply before.
     *
     * @param  non-empty-list<JointedPly>  $lines  the best first
     * @return non-empty-list<JointedPly>
     */
    private static function beside(array $lines, int $plies): array
    {
        $joints = array_map(fn (JointedPly $line) => array_flip($line->joints), $lines);
        // Where all else is equal the longer first piece comes first, then the longer second.
        $byLength = array_keys($lines);
        usort($byLength, fn (int $one, int $other) => $lines[$one]->lengths() <=> $lines[$other]->lengths());
        $place = array_flip($byLength);
        // Shared joints, pieces and price so far, then the places of the lines taken.
        $ways = array_map(fn (JointedPly $line, int $i) => [0, count($line->pieces), $line->price, [$place[$i]]], $lines, array_keys($lines));
        for ($ply = 1; $ply < $plies; $ply++) {
            $next = [];
            foreach ($lines as $i => $line) {
                $best = null;
                foreach ($ways as $j => $way) {
                    $one = [
                        $way[0] + count(array_intersect_key($joints[$i], $joints[$j])), $way[1] + count($line->pieces), $way[2] + $line->price,
                        [...$way[3], $place[$i]],
                    ];
                    $best = $best === null || $one < $best ? $one : $best;
                }
                $next[] = $best;
            }
            $ways = $next;
        }
        $best = $ways[0];
        foreach ($ways as $way) {
            $best = $way < $best ? $way : $best;
        }

        return array_map(fn (int $at) => $lines[$byLength[$at]], $best[3]);
    }
}
