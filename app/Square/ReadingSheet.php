<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Square\Readings\Taped;
use Aequus\Square\Readings\Wanted;
use App\Type\Say;

/** The list of readings: first those that prove the layout, in walking order, then every other that was taken. */
final readonly class ReadingSheet
{
    /** @var list<ReadingRow> */
    public array $rows;

    public int $pulled;

    public int $toPull;

    public function __construct(private SiteState $site)
    {
        $rows = $listed = [];
        foreach ($site->square->wanted as $wanted) {
            $listed[$wanted->key()] = true;
            $rows[] = $this->row($wanted);
        }
        foreach ($this->others() as $wanted) {
            if (! isset($listed[$wanted->key()])) {
                $rows[] = $this->row($wanted);
            }
        }
        $this->rows = $rows;
        $this->toPull = count($site->square->unread());
        $this->pulled = count(array_filter($site->square->wanted, $site->square->taken->has(...)));
    }

    /** @return array<string, ReadingRow> */
    public function byKey(): array
    {
        return array_combine(array_map(fn (ReadingRow $row) => $row->key, $this->rows), $this->rows);
    }

    /** The reading a link asks for, such as “A1-C3” or “B1@A1-C1”; null where the plan has no such stakes. */
    public static function asked(SiteState $site, string $key): ?Wanted
    {
        foreach ($site->plan->fixedLines() as $line) {
            [$label] = explode('@', $key);
            $stake = $site->plan->grid->findLabelled($label);
            if ($stake !== null && $key === self::key(Wanted::line($stake, $line))) {
                return Wanted::line($stake, $line);
            }
        }
        if (! preg_match('/^(?:([a-z]+\d+)@)?([a-z]+\d+)-([a-z]+\d+)$/i', $key, $part)) {
            return null;
        }
        [$stake, $from, $to] = array_map($site->plan->grid->findLabelled(...), array_slice($part, 1));
        if ($from === null || $to === null || $from === $to || ($part[1] !== '' && ($stake === null || $stake === $from || $stake === $to))) {
            return null;
        }

        return $stake === null ? Wanted::tape($from, $to) : Wanted::string($site->plan, $stake, $from, $to);
    }

    public static function key(Wanted $wanted): string
    {
        if ($wanted->line !== null) {
            return "{$wanted->posts()[0]->label}@{$wanted->line->id}";
        }

        return ($wanted->stake === null ? '' : "{$wanted->stake->label}@")."{$wanted->ends()->from->label}-{$wanted->ends()->to->label}";
    }

    /** @return list<Wanted> everything that was taken between stakes of this plan */
    private function others(): array
    {
        $taken = array_map(fn (Taped $taped) => Wanted::tape($taped->pair->from, $taped->pair->to), array_values($this->site->square->taken->taped));
        foreach ($this->site->square->taken->strings as $readings) {
            [$stake, $from, $to] = array_map($this->site->plan->grid->find(...), array_values($readings)[0]->posts());
            if ($stake !== null && $from !== null && $to !== null) {
                $taken[] = Wanted::string($this->site->plan, $stake, $from, $to);
            }
        }
        foreach ([
            ...array_merge(...array_values(array_map(array_values(...), $this->site->square->taken->lines))), ...$this->site->square->taken->keeping,
        ] as $offset) {
            [$stake, $line] = [$this->site->plan->grid->find($offset->post), $this->site->plan->fixedLine($offset->line)];
            if ($stake !== null && $line !== null) {
                $taken[] = Wanted::line($stake, $line);
            }
        }
        foreach ($this->site->square->taken->waiting as $tape) {
            [$from, $to] = [$this->site->plan->grid->find($tape->from), $this->site->plan->grid->find($tape->to)];
            if ($from !== null && $to !== null) {
                $taken[] = Wanted::tape($from, $to);
            }
        }

        return $taken;
    }

    private function row(Wanted $wanted): ReadingRow
    {
        [$read, $waits] = $this->read($wanted);
        [$state, $word, $off] = match (true) {
            $read === null && $waits => ['waits', Say::text('square.reading_sheet.needs_the_rise'), null],
            $read === null => [
                'to-pull',
                $this->site->square->unread() === [] ? Say::text('square.reading_sheet.not_needed') : Say::text('drawing.legend.tape_to-pull'), null,
            ],
            $wanted->line !== null && ! $wanted->line->binds() => ['unchecked', Say::text('square.reading_sheet.only_checked'), null],
            default => $this->judge($this->site->square->taken->sequencesOf($wanted)),
        };

        return new ReadingRow($wanted, self::key($wanted), $read, $off, $state, $word);
    }

    /** @return array{?Length, bool} what was read of it, and whether a reading waits for its rise */
    private function read(Wanted $wanted): array
    {
        $taken = $this->site->square->taken;
        if ($wanted->line !== null) {
            $readings = array_values(
                $taken->lines[$wanted->key()] ?? array_filter(
                    $taken->keeping, fn ($offset) => $offset->line === $wanted->line->id && $offset->post->equals($wanted->posts()[0]->id),
                ),
            );

            return [$readings === [] ? null : $readings[array_key_last($readings)]->off, false];
        }
        if ($wanted->stake !== null) {
            $readings = array_values($taken->strings[$wanted->key()] ?? []);

            return [$readings === [] ? null : $readings[array_key_last($readings)]->offLine()->minus($wanted->ran()), false];
        }
        $read = ($taken->taped[$wanted->key()] ?? null)?->distance;

        return [
            $read, $read === null && array_filter($taken->waiting, fn ($tape) => Wanted::tapeKey($tape->from, $tape->to) === $wanted->key()) !== [],
        ];
    }

    /**
     * @param  list<int>  $sequences
     * @return array{string, string, ?Length}
     */
    private function judge(array $sequences): array
    {
        $survey = $this->site->square->survey;
        $left = [];
        $judged = null;
        foreach ($sequences as $sequence) {
            $id = TakenReadings::id($sequence);
            $far = $survey->far->setsAside($id);
            if ($far !== null) {
                return ['out', Say::text('square.reading_sheet.far_from_the_plan_waits'), Length::millimetres($far->misfit)];
            }
            if ($survey->mistakes?->accuses($id)) {
                return ['doubt', Say::text('drawing.legend.tape_doubt'), Length::millimetres($survey->judged[$id]->off ?? 0.0)];
            }
            $dropped = $survey->mistakes?->drops($id);
            $dropped === null ? $judged = $survey->judged[$id] ?? $judged : $left[] = $dropped;
        }

        return match (true) {
            $left !== [] && $judged === null => [
                'out', $left[0]->mistake > 0
                    ? Say::text('square.reading_sheet.left_out_too_long')
                        : Say::text('square.reading_sheet.left_out_too_short'), Length::millimetres($left[0]->mistake),
            ],
            $judged === null => ['unchecked', Say::text('square.reading_sheet.not_tied_in_yet'), null],
            $judged->standardised === null => ['unchecked', Say::text('square.reading_sheet.nothing_checks_it'), Length::millimetres($judged->off)],
            $left !== [] => ['fits', Say::text('square.reading_sheet.fits_one_left_out'), Length::millimetres($judged->off)],
            default => ['fits', Say::text('page.fits'), Length::millimetres($judged->off)],
        };
    }
}
