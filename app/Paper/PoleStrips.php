<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use App\Cut\SetOut;
use App\Type\Say;

/** A story pole in full size, cut into strips that are taped onto a lath one above the other, from its zero up. Lengths on paper in mm. */
final readonly class PoleStrips
{
    /** Kept free round the sheet, for printers that can’t reach its edge. */
    public const MARGIN = 12.0;

    private const STRIP_WIDTH = 60.0;

    /** How much of the pole one strip shows. */
    public float $each;

    /** @var list<list<array{float, string, string}>> for each strip, from the lowest: how far up it each mark lies, its height in words, and what is beside it */
    public array $strips;

    public int $perPage;

    /**
     * @param  list<PoleMark>  $marks
     * @param  string  $zero  what the pole is held on
     * @param  string  $what  is marked, and from where, as one sentence
     */
    private function __construct(Plan $plan, array $marks, public string $title, public string $zero, public Paper $paper, public string $what = '')
    {
        // Above the strips stand the check bars, below them the joint.
        $this->each = floor(($paper->height() - 2 * self::MARGIN - 30) / 10) * 10;
        $this->perPage = max(1, (int) floor(($paper->width() - 2 * self::MARGIN) / self::STRIP_WIDTH));
        $strips = [];
        foreach ($marks as $mark) {
            $up = $mark->at->inMillimetres();
            $strip = max(0, (int) floor($up / $this->each));
            $strips[$strip][] = [$up - $strip * $this->each, $plan->write($mark->at), $mark->beside];
        }
        $last = $strips === [] ? -1 : max(array_keys($strips));
        $this->strips = array_map(fn (int $i): array => $strips[$i] ?? [], $last < 0 ? [] : range(0, $last));
    }

    /** The cut marks of all posts, from the datum line. */
    public static function ofCuts(SiteState $site, Paper $paper): self
    {
        $groups = [];
        foreach ($site->cut->marks as $mark) {
            $at = $site->plan->notation->round($mark->aboveDatumLine());
            $groups[$at->nanometres] ??= [$at, []];
            $groups[$at->nanometres][1][] = $mark->post->label;
        }
        ksort($groups);

        return new self(
            $site->plan, array_map(
                fn (array $group) => new PoleMark($group[0], implode(' ', $group[1])), array_values($groups),
            ), Say::text('paper.pole_strips.story_pole'),
            Say::text('page.datum_line'), $paper,
        );
    }

    /** The near faces of what is set out on a member, from its end. */
    public static function ofMembers(Plan $plan, SetOut $setOut, Paper $paper): self
    {
        $marks = [];
        foreach ($setOut->members->nearFaces ?? [] as $i => $face) {
            $marks[] = new PoleMark($plan->notation->round($face), Say::text('paper.pole_strips.number_far_side', i: $i + 1));
        }

        return new self(
            $plan, $marks, Say::text('paper.pole_strips.marking_list_in_full_size'), Say::text('paper.pole_strips.end_of_the_member'), $paper,
        );
    }

    /**
     * Marks of a frame’s layer, from one zero.
     *
     * @param  array<int, Length>  $marks  by their numbers
     * @param  string  $what  is marked, and from where
     */
    public static function ofFrame(Plan $plan, array $marks, string $what, Paper $paper): self
    {
        return new self(
            $plan,
            array_values(array_map(
                fn (Length $face, int $number) => new PoleMark($plan->notation->round($face), (string) $number), $marks, array_keys($marks),
            )),
            Say::text('paper.pole_strips.marking_list_in_full_size'), Say::text('paper.pole_strips.zero'), $paper, $what,
        );
    }

    public function left(int $strip): float
    {
        return self::MARGIN + $strip % $this->perPage * self::STRIP_WIDTH;
    }

    /** @return list<list<int>> which strips stand on each sheet */
    public function pages(): array
    {
        return array_chunk(array_keys($this->strips), $this->perPage);
    }

    /** Where the strips end, from the top of the sheet. */
    public function bottom(): float
    {
        return $this->paper->height() - self::MARGIN - 4;
    }
}
