<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Set\LeanWay;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Side;
use Aequus\Set\StandingPost;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use App\Type\Say;
use App\View\Choices;

/** Every post that stands, read for plumb both ways: a gap under one level, and where the top goes. */
final readonly class PlumbRound
{
    public function __construct(private SiteState $site, private Length $level)
    {
    }

    /** @return list<RoundRow> two faces of every post that stands, at the stage it is in */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->site->walk() as $post) {
            $stands = $this->site->standing($post);
            foreach ($stands->set ? [Side::MinusY, Side::PlusX] : [] as $face) {
                $rows[] = $this->site->plan->post->round ? $this->onAPole($stands, $face) : $this->onAFace($stands, $this->faceRead($stands, $face));
            }
        }

        return $rows;
    }

    /** The face on which that lean was read already; the usual one where none was. */
    private function faceRead(StandingPost $stands, Side $usual): Side
    {
        $axis = $usual->isAlongX() ? 'x' : 'y';

        return $this->onLine($stands, "{$usual->value} {$axis}") === [] && $this->onLine($stands, "{$usual->opposite()->value} {$axis}") !== []
            ? $usual->opposite() : $usual;
    }

    private function onAFace(StandingPost $stands, Side $face): RoundRow
    {
        $axis = $face->isAlongX() ? 'x' : 'y';
        $readings = $this->onLine($stands, "{$face->value} {$axis}");
        $elsewhere = $readings === [] && $stands->stage === $stands->stageNow() && ($face->isAlongX() ? $stands->own->xRead : $stands->own->yRead);
        $last = $readings[0] ?? null;
        $choice = new RoundChoice(
            'leans', Say::text('round.plumb_round.top'), ['plumb' => Say::text('page.is_plumb')] + Choices::sides(
                $this->site->plan->sidesOf($stands->post->id), Say::text('page.to_the_s'), [$face, $face->opposite()],
            ),
            $last === null ? '' : ($last->lean->isPlumb() ? 'plumb' : $last->leansToward->value),
        );

        return $this->row(
            $stands, $face->value, Say::text(
                'round.plumb_round.face', label: $stands->post->label, what: $this->site->plan->sidesOf($stands->post->id)->nameOf($face),
            ), ['face' => $face->value], $readings, $choice,
            $elsewhere ? Say::text('round.plumb_round.read_along_another_face') : '',
        );
    }

    private function onAPole(StandingPost $stands, Side $along): RoundRow
    {
        $bearing = $along->isAlongX() ? 0 : 90;
        $readings = $this->onLine($stands, Say::text('round.plumb_round.along', bearing: $bearing));
        $last = $readings[0] ?? null;
        [$there, $back] = $along->isAlongX() ? [Side::PlusX, Side::MinusX] : [Side::PlusY, Side::MinusY];
        $options = [
            'plumb' => Say::text('page.is_plumb'), 'off' => Say::text(
                'round.plumb_round.to_the', what: $this->site->plan->sides->nameOf($there),
            ), 'back' => Say::text('round.plumb_round.to_the', what: $this->site->plan->sides->nameOf($back)),
        ];
        $choice = new RoundChoice('leans', Say::text('round.plumb_round.top'), $options, match (true) {
            $last === null => '',
            $last->lean->isPlumb() => 'plumb',
            default => (int) round($last->bearing ?? 0.0) === $bearing ? 'off' : 'back',
        });
        $elsewhere = $readings === [] && $stands->stage === $stands->stageNow() && ! $stands->lean->isUnread() && ! $stands->lean->isHalfKnown();

        return $this->row(
            $stands, (string) $bearing, Say::text(
                'round.plumb_round.and', label: $stands->post->label, what: $this->site->plan->sides->nameOf($there),
                what_b: $this->site->plan->sides->nameOf($back),
            ),
            ['bearing' => (string) $bearing], $readings, $choice, $elsewhere ? Say::text('round.plumb_round.read_along_other_directions') : '',
        );
    }

    /** @return list<PlumbReading> what counts along that line at the stage the post is in */
    private function onLine(StandingPost $stands, string $line): array
    {
        return $stands->stage !== $stands->stageNow() ? [] : ($stands->turned[$line] ?? array_values(
            array_intersect_key($stands->byFace, [$line => true]),
        ));
    }

    /**
     * @param  array<string, string>  $with
     * @param  list<PlumbReading>  $readings
     */
    private function row(
        StandingPost $stands, string $key, string $label, array $with, array $readings, RoundChoice $choice, string $elsewhere,
    ): RoundRow {
        $last = $readings[0] ?? null;
        $byGap = $last === null || ($last->lean->way === LeanWay::Gap && count($readings) === 1);
        $steep = $last !== null && $last->lean->slope->ratio * $this->site->plan->tolerances->plumbOneIn > 1;

        return new RoundRow(
            "{$stands->post->label}-{$key}", $label, EntryKind::Plumb, 'gap',
            [
                'post' => $stands->post->label, 'stage' => $stands->stageNow()->value, 'way' => LeanWay::Gap->value,
                'level' => $this->site->plan->write($this->level),
            ] + $with,
            null, $last === null ? null : $last->lean->off ?? Length::zero(), null,
            match (true) {
                $last === null => $elsewhere,
                $byGap => '',
                default => count($readings) > 1 ? Say::text('round.plumb_round.read_with_the_level_both')
                    : Say::text('round.plumb_round.read_by_change_it_on', what: Names::of($last->lean->way)),
            }, $choice, $steep ? 'off' : 'fits', $steep ? Say::text('drawing.set_legend.leaning') : Say::text('round.plumb_round.plumb_this_way'),
        );
    }
}
