<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Handover\PostRecord;
use Aequus\Handover\RowLine;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\AskedByRule;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;
use Aequus\Square\SquareVerdict;
use Aequus\Words\EntryWords;
use Aequus\Words\Handover\LastingWords;
use Aequus\Words\PageWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Logbook\GoneLabels;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Support\Facades\DB;

/** Everything the record of a job shows: every tolerance with its number, met or not; rows, decisions and pictures. */
final readonly class RecordSheet
{
    /** @var list<array{string, string|Sentence, ?bool}> what, its number, and whether it is met; null where it was not measured */
    public array $tolerances;

    /** @var list<RowLine> */
    public array $rows;

    /** @var list<Sentence> oldest first */
    public array $decisions;

    /** @var array<string, Sentence> what else was measured, by what it is about */
    public array $also;

    /** @var list<array{string, Sentence}> data address and words */
    public array $pictures;

    /** @var list<PostRecord> */
    private array $records;

    public function figure(?Length $length): string
    {
        return $length === null ? '—' : $this->site->plan->write($length);
    }

    public function met(?bool $is): string
    {
        return self::judged($is, Say::text('page.met'), Say::text('paper.record_sheet.not_met'));
    }

    /** How a tolerance of one post came out. */
    public static function judged(?bool $is, string $good, string $bad): string
    {
        return $is === null ? Say::text('page.not_measured') : ($is ? $good : $bad);
    }

    public function __construct(private SiteState $site, Job $job)
    {
        $this->records = $site->handover()->records;
        $this->rows = (new StandingFrame($site))->rowLines();
        $words = new EntryWords($site, GoneLabels::of($job, $site));
        $this->decisions = array_values(array_map($words->say(...), $site->log->now(Decision::class)));
        $this->also = array_map($this->inOneLine(...), array_filter($this->alsoMeasured($words)));
        $taken = $site->log->now(PictureTaken::class);
        $bytes = $taken === [] ? collect() : DB::table('pictures')->where('job_id', $job->id)->pluck('bytes', 'fingerprint');
        $this->pictures = array_values(array_map(fn (PictureTaken $picture): array => [
            isset($bytes[$picture->fingerprint]) ? 'data:image/jpeg;base64,'.base64_encode((string) $bytes[$picture->fingerprint])
                : '', $words->say($picture),
        ], $taken));
        $this->tolerances = [$this->layout(), $this->depths(), $this->plumb(), ...$this->straight(), $this->cuts(), ...$this->byRule()];
    }

    /** @return array<string, list<string|Sentence>> */
    private function alsoMeasured(EntryWords $words): array
    {
        $plan = $this->site->plan;
        $level = $this->site->level;
        $ground = [];
        foreach ($plan->grid->posts as $post) {
            $height = $level->groundAt($post);
            $ground[] = $height === null ? Say::text('paper.record_sheet.not_read', label: $post->label) : $this->said($post->label, ' ', $height);
        }
        $cut = [];
        foreach ($this->site->log->now(PostCut::class) as $sequence => $done) {
            $cut[$done->post->value] = $sequence;
        }
        $finalTops = array_filter(
            $this->site->log->now(TopMeasured::class),
            fn (TopMeasured $top, int $sequence) => isset($cut[$top->post->value]) && $sequence > $cut[$top->post->value], ARRAY_FILTER_USE_BOTH,
        );
        $found = array_filter($this->site->log->now(HoleDug::class), fn (HoleDug $hole) => $hole->found !== null || $hole->soils !== []);
        $under = $plan->tops?->under;

        return [
            Say::text('paper.record_sheet.also_ground') => $level->benchmark === null ? [] : [
                $words->say($level->benchmark), $this->say('paper.record_sheet.ground', heights: $ground),
            ],
            Say::text('handover.show.roof') => $plan->carriesNoRoof() ? [rtrim(Say::text('handover.show.no_roof'), '.')] : [],
            Say::text('handover.show.one_day') => LastingWords::of($plan) === null ? [] : [rtrim(LastingWords::of($plan), '.')],
            Say::text('paper.record_sheet.also_fixed') => array_values(array_map($words->say(...), $this->site->log->now(LineReading::class))),
            Say::text('paper.record_sheet.also_found') => array_values(array_map($words->say(...), $found)),
            Say::text('paper.record_sheet.also_filled') => array_values(array_map($words->say(...), $this->site->log->now(PostFilled::class))),
            Say::text('page.what_lies_on_the_posts') => $under === null ? [] : [
                $this->say(
                    'paper.record_sheet.finished_surface_under_it', finished: $under->finished, layers: $under->layers,
                    write: $under->clearance->isZero() ? '' : $this->say('paper.record_sheet.clearance', clearance: $under->clearance),
                ),
            ],
            Say::text('paper.record_sheet.also_tops') => array_values(array_map($words->say(...), $finalTops)),
        ];
    }

    /** @return array{string, string|Sentence, ?bool} */
    private function layout(): array
    {
        $placed = $this->site->square->survey->placed;
        // The one furthest off against what it may be off.
        $stakes = $placed->stakes ?? [];
        usort($stakes, fn (PlacedStake $one, PlacedStake $other) => $other->counts <=> $one->counts);
        $worst = $placed === null ? null : $stakes[0]->size();
        $limit = $stakes === [] ? $this->site->plan->tolerances->squareness : $this->site->plan->closenessAt(PostId::of($stakes[0]->name))->across;

        return [Say::text('paper.record_sheet.stakes_on_their_places'), $worst === null ? $this->say(
            'paper.record_sheet.within_not_measured', limit: $limit,
        )
            : $this->say('paper.record_sheet.the_furthest_off_allowed', write: Length::millimetres($worst), limit: $limit), match (true) {
                $this->site->square->verdict() === SquareVerdict::Within => true,
                $this->site->square->verdict()->isTrouble() => false,
                default => null,
            }];
    }

    /** @return array{string, string|Sentence, ?bool} */
    private function depths(): array
    {
        $dug = array_filter($this->records, fn (PostRecord $record) => $record->depthDug !== null);
        $short = array_filter($dug, fn (PostRecord $record) => $record->deepEnough === false);

        return [
            Say::text('paper.record_sheet.holes_deep_enough'),
            Say::text('paper.record_sheet.of_measured', count: count($dug), count_b: count($this->records), short: $short === [] ? ''
                : Say::text('paper.record_sheet.short', part: implode(
                    ' ', array_map(fn (PostRecord $record) => $record->post->label, $short),
                ))),
            $dug === [] ? null : $short === [] && count($dug) === count($this->records),
        ];
    }

    /** @return array{string, string|Sentence, ?bool} */
    private function plumb(): array
    {
        $records = array_filter($this->records, fn (PostRecord $record) => $record->plumb !== null);
        $worst = max([0.0, ...array_map(fn (PostRecord $record) => $record->outOfPlumb?->inMillimetres() ?? 0.0, $records)]);

        return [
            Say::text('paper.record_sheet.plumb_within_1_in', plumb_one_in: $this->site->plan->tolerances->plumbOneIn),
            $records === [] ? Say::text('page.not_measured')
                : $this->say(
                    'paper.record_sheet.of_measured_the_worst_at', count: count($records), count_b: count($this->records),
                    write: Length::millimetres($worst),
                ),
            // One that leans is told; that all are plumb only where every one of them is known.
            match (true) {
                array_filter($records, fn (PostRecord $record) => $record->plumb === false) !== [] => false,
                count($records) === count($this->records) && $records !== [] => true,
                default => null,
            },
        ];
    }

    /** @return list<array{string, string|Sentence, ?bool}> */
    private function straight(): array
    {
        return array_map(
            fn (RowLine $row): array => [
                Say::text($row->isRow ? 'paper.record_sheet.straight_row' : 'paper.record_sheet.straight_column', name: $row->name),
                $row->worstPost === null ? Say::text('paper.record_sheet.on_the_line') : $this->say(
                    'paper.record_sheet.off_the_line_of_its', label: $row->worstPost->label, worst: $row->worst,
                ),
                $row->isStraight,
            ],
            $this->rows,
        );
    }

    /** @return array{string, string|Sentence, ?bool} */
    private function cuts(): array
    {
        $cut = count(array_filter($this->records, fn (PostRecord $record) => $record->cut));

        return [
            Say::text('paper.record_sheet.tops_cut_to_their_marks'), Say::text('paper.record_sheet.of', cut: $cut, count: count($this->records)),
            $cut === 0 ? null : $cut === count($this->records),
        ];
    }

    /** @return list<array{string, string|Sentence, ?bool}> */
    private function byRule(): array
    {
        return array_map(function (AskedByRule $asked): array {
            $is = $asked->asks->part('found');

            return [
                (string) (new Speech($this->site->plan))->say($asked->asks), $is instanceof Length
                    ? $this->say($asked->isTaken ? 'paper.record_sheet.taken' : 'paper.record_sheet.as_it_is', is: $is)
                        : Say::text('page.not_measured'),
                $asked->isMet,
            ];
        }, AskedByRule::all($this->site));
    }

    /** @param  list<string|Sentence>  $says */
    private function inOneLine(array $says): Sentence
    {
        return $this->said(
            ...array_merge(...array_map(fn (int $i, string|Sentence $one) => $i === 0 ? [$one] : ['; ', $one], array_keys($says), $says)), ...['.'],
        );
    }

    private function said(string|Length|Sentence|null ...$pieces): Sentence
    {
        return Sentence::of($this->site->plan->notation, ...$pieces);
    }

    private function say(string $key, mixed ...$parts): Sentence
    {
        return (new Speech($this->site->plan))->page(PageWords::of($key), ...$parts);
    }
}
