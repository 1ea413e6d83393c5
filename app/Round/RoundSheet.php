<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\LeanWay;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeLay;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use Aequus\Words\Names;
use Aequus\Words\Square\WantedWords;
use App\Square\ReadingRow;
use App\Square\ReadingSheet;
use App\Type\Say;
use App\View\Choices;

/** A whole round on one screen: every place in walking order, with one field each. */
final readonly class RoundSheet
{
    /** So many fields a screen takes and a phone still answers at once; a longer round is walked in parts. */
    private const AT_ONCE = 100;

    /** @var list<RoundRow> of the whole round */
    public array $rows;

    /**
     * @param  string  $setUp  from which rods are read; empty for the newest
     * @param  ?Length  $level  that is held on the posts; null for the usual one
     */
    public function __construct(public RoundKind $kind, private SiteState $site, private string $setUp = '', private ?Length $level = null)
    {
        $this->rows = match ($kind) {
            RoundKind::Tapes => $this->tapes(),
            RoundKind::Rods => $this->rods(),
            RoundKind::Holes => $this->holes(),
            RoundKind::Plumb => (new PlumbRound($site, $this->level()))->rows(),
            RoundKind::Tops => $this->tops(),
        };
    }

    public function parts(): int
    {
        return max(1, (int) ceil(count($this->rows) / self::AT_ONCE));
    }

    /** The part in which the first reading is still to take, counted from one; the first where all are read. */
    public function partAtHand(): int
    {
        foreach ($this->rows as $i => $row) {
            if (! $row->isRead()) {
                return intdiv($i, self::AT_ONCE) + 1;
            }
        }

        return 1;
    }

    /** @return list<RoundRow> those of one part */
    public function part(int $part): array
    {
        return array_slice($this->rows, ($part - 1) * self::AT_ONCE, self::AT_ONCE);
    }

    /** @return array<int, string> where each part begins and ends, by its number */
    public function partNames(): array
    {
        $names = [];
        foreach (array_chunk($this->rows, self::AT_ONCE) as $i => $rows) {
            $names[$i + 1] = Say::text('page.from_to', label: $rows[0]->label, label_b: $rows[count($rows) - 1]->label);
        }

        return $names;
    }

    public function read(): int
    {
        return count(array_filter($this->rows, fn (RoundRow $row) => $row->isRead()));
    }

    /** @return list<RoundRow> tapes, offsets from fixed lines and from strings */
    private function tapes(): array
    {
        $rows = [];
        $judged = (new ReadingSheet($this->site))->byKey();
        foreach ($this->site->square->wanted as $wanted) {
            $taken = $this->site->square->taken->sequencesOf($wanted);
            $sequence = $taken === [] ? null : max($taken);
            $rows[] = $this->reading($wanted, $sequence, $judged[ReadingSheet::key($wanted)]);
        }

        return $rows;
    }

    private function reading(Wanted $wanted, ?int $sequence, ReadingRow $judged): RoundRow
    {
        $payload = $sequence === null ? null : $this->site->log->entries[$sequence]->payload;
        $with = ['tape' => $this->site->plan->layout->tape->value];
        $row = fn (EntryKind $kind, string $field, array $with, ?Length $read, string $note = '', ?RoundChoice $choice = null) => new RoundRow(
            strtr($judged->key, '@', '-'), WantedWords::of($wanted), $kind, $field, $with, $wanted->planned()->magnitude(), $read, $sequence, $note,
            $choice, $judged->state, $judged->word,
        );
        if ($wanted->line !== null) {
            return $row(
                EntryKind::LineOffset, 'line_off', ['line' => $wanted->line->id, 'line_post' => $wanted->posts()[0]->label] + $with,
                $payload instanceof LineReading ? $payload->off : null,
            );
        }
        $ends = ['from' => $wanted->ends()->from->label, 'to' => $wanted->ends()->to->label];
        if ($wanted->stake === null) {
            $more = $payload instanceof TapeReading && ($payload->conditions !== null || $payload->lay !== TapeLay::Level || $payload->name !== '');

            return $row(
                EntryKind::Tape, 'distance', $ends + $with, $payload instanceof TapeReading ? $payload->distance : null,
                $more ? Say::text('round.round_sheet.how_it_was_held_is') : '',
            );
        }
        $off = $payload instanceof StringReading ? $payload->off : null;
        $isRight = $off?->isNegative() ?? false;
        $sides = $wanted->across();
        $swapped = $payload instanceof StringReading && ! $payload->from->equals($wanted->ends()->from->id);

        return $row(
            EntryKind::StringOffset, 'off', ['stake' => $wanted->stake->label] + $ends, $off?->magnitude(), $payload instanceof StringReading
                && ! $payload->run->equals($swapped ? $wanted->ran()->negated() : $wanted->ran())
                    ? Say::text('round.round_sheet.how_the_string_ran_is') : '',
            new RoundChoice(
                'toward', Say::text('page.stands_toward_the'), Choices::sides($this->site->plan->sides, among: $sides),
                $off === null ? '' : $sides[$isRight === $swapped ? 0 : 1]->value,
            ),
        );
    }

    /** @return list<RoundRow> the benchmark first: without it a set-up tells nothing */
    private function rods(): array
    {
        $setUp = $this->setUp();
        $read = [];
        foreach ($this->site->log->now(RodReading::class) as $sequence => $rod) {
            if ($rod->setUp === ($setUp === '1' ? '' : $setUp)) {
                $read[$rod->point->key()] = [
                    $sequence, $rod->rod, $rod->distance === null ? '' : Say::text('round.round_sheet.read_with_its_distance_correct'),
                ];
            }
        }
        $row = function (string $label, string $name, string $key) use ($read, $setUp): RoundRow {
            [$sequence, $rod, $note] = $read[$key] ?? [null, null, ''];

            return new RoundRow(
                $label, $name, EntryKind::Rod, 'rod', ['post' => $label, 'post_part' => 'ground', 'set_up' => $setUp], null, $rod, $sequence, $note,
            );
        };
        $onPosts = array_map(
            fn (Post $post) => $row($post->label, $post->label, LevelPoint::of($post->id)->key()), $this->site->walk(),
        );
        $benchmark = $this->site->level->benchmark;

        return $benchmark === null ? [] : [
            $row(LevelPoint::SENT_FOR_BENCHMARK, $benchmark->name, LevelPoint::benchmark()->key()), ...$onPosts,
        ];
    }

    /** The level that is held on the posts. */
    public function level(): Length
    {
        if ($this->level !== null) {
            return $this->level;
        }
        $held = array_filter($this->site->log->now(PlumbReading::class), fn (PlumbReading $reading) => $reading->lean->way === LeanWay::Gap);

        return ($held === [] ? null : $held[array_key_last($held)]->lean->over) ?? $this->site->plan->notation->system()->spiritLevel;
    }

    public function setUp(): string
    {
        return $this->setUp !== '' ? $this->setUp : ($this->site->level->setUp ?: '1');
    }

    /** @return list<RoundRow> */
    private function holes(): array
    {
        $dug = $this->site->log->newest(HoleDug::class);

        return array_map(function (Post $post) use ($dug): RoundRow {
            $hole = $dug[$post] ?? null;
            $more = $hole !== null && ($hole->width !== null || $hole->found !== null || $hole->soils !== []);

            // A hole that is dug on is a new entry; the newest counts.
            return new RoundRow(
                $post->label, $post->label, EntryKind::Hole, 'depth', ['post' => $post->label], $this->site->footing->toReach($post), $hole?->depth,
                null,
                $more ? Say::text('round.round_sheet.is_written_down_too_change', what: $hole->found === null
                    ? Say::text('round.round_sheet.width_or_soil')
                    : Say::text('round.round_sheet.that_it_met', what: Names::of($hole->found))) : '',
                state: $this->site->footing->asDug($post)?->serves() ? 'fits' : 'off', word: $this->site->footing->asDug($post)?->serves()
                    ? Say::text('page.deep_enough') : Say::text('page.short'),
            );
        }, array_values(array_filter($this->site->walk(), fn (Post $post) => $this->site->footing->required($post) !== null)));
    }

    /** @return list<RoundRow> */
    private function tops(): array
    {
        $tops = $this->site->log->newest(TopMeasured::class);

        return $this->site->plan->tops === null ? [] : array_map(fn (Post $post) => new RoundRow(
            $post->label, $post->label, EntryKind::Top, 'above', ['post' => $post->label], $this->site->cut->mark($post)?->aboveDatumLine(),
            ($tops[$post] ?? null)?->aboveDatumLine, null,
        ), array_values(array_filter($this->site->walk(), fn (Post $post) => ! $this->site->cut->isCut($post))));
    }
}
