<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Network\StringOffset;
use Aequus\Logbook\Log;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeReading;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeLay;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Square\Network\SquareRefused;
use Aequus\Square\SettingOut\TapeCorrection;

/** Everything read between the stakes that counts now: tapes brought to level distances, offsets from strings and from the fixed line. */
final readonly class TakenReadings
{
    /** @var array<string, Reading> for the network, by id */
    public array $readings;

    /** @var array<string, Taped> tapes by pair */
    public array $taped;

    /** @var array<string, int> by the key of a tape or offset: how often it was read, corrected readings included */
    private array $times;

    /** @var array<string, array<int, StringReading>> string offsets by stake and string, then by sequence */
    public array $strings;

    /** @var array<string, array<int, LineReading>> offsets from lines that hold the layout, by stake and line, then by sequence */
    public array $lines;

    /** @var array<int, LineReading> by sequence: offsets from lines that only a distance is kept from */
    public array $keeping;

    /** @var list<string> ids of readings that were asked about and are right as typed */
    public array $confirmed;

    /** @var array<int, TapeReading> by sequence: along the ground, between stakes whose rise nobody knows */
    public array $waiting;

    /** The tape that all others are compared with: the one used first. */
    public string $referenceTape;

    /** @param  ByPost<Length>  $ground  heights, where it was levelled */
    public function __construct(private Plan $plan, Log $log, ByPost $ground)
    {
        $tapes = $log->now(TapeReading::class);
        $this->referenceTape = $tapes === [] ? '' : $tapes[array_key_first($tapes)]->name;
        $readings = $byPair = $levels = $waiting = [];
        foreach ($tapes as $sequence => $tape) {
            if ($this->posts($tape) === null) {
                continue;
            }
            $level = $this->level($tape, $ground);
            if ($level === null) {
                $waiting[$sequence] = $tape;

                continue;
            }
            $key = Wanted::tapeKey($tape->from, $tape->to);
            [$byPair[$key][$sequence], $levels[$key][$sequence]] = [$tape, $level];
            $readings[self::id($sequence)] = new Distance(
                self::id($sequence), $tape->from->value, $tape->to->value, $level->inMillimetres(), $tape->tape->sigma($level),
                tape: $tape->name === $this->referenceTape ? null : $tape->name,
            );
        }
        $taped = [];
        foreach ($byPair as $key => $of) {
            [$from, $to] = $this->posts($of[array_key_first($of)]) ?? [];
            $taped[$key] = new Taped(new Pair($from, $to), $of, $levels[$key]);
        }
        $strings = [];
        foreach ($log->now(StringReading::class) as $sequence => $string) {
            if ($this->posts($string) !== null) {
                $strings[Wanted::stringKey($string->post, $string->from, $string->to)][$sequence] = $string;
                $readings[self::id($sequence)] = new StringOffset(
                    self::id($sequence), $string->post->value, $string->from->value, $string->to->value, $string->offLine()->inMillimetres(),
                );
            }
        }
        $lines = $keeping = [];
        foreach ($log->now(LineReading::class) as $sequence => $offset) {
            $line = $plan->fixedLine($offset->line);
            if ($line === null || $this->posts($offset) === null) {
                continue;
            }
            if ($line->binds()) {
                $lines[Wanted::lineKey($offset->post, $line->id)][$sequence] = $offset;
                $readings[self::id($sequence)] = Wanted::offset(self::id($sequence), $offset->post, $line, $offset->off, $offset->sigma());
            } else {
                $keeping[$sequence] = $offset;
            }
        }
        [$this->lines, $this->keeping, $this->times] = [$lines, $keeping, self::times($log)];
        $this->confirmed = array_values(
            array_filter(array_map(strval(...), array_keys($readings)), fn (string $id) => $log->isConfirmed(self::sequence($id))),
        );
        [$this->readings, $this->taped, $this->strings, $this->waiting] = [$readings, $taped, $strings, $waiting];
    }

    /** The id a reading has in the network. */
    public static function id(int $sequence): string
    {
        return "r{$sequence}";
    }

    public static function sequence(string $id): int
    {
        return (int) substr($id, 1);
    }

    public function find(Pair $pair): ?Taped
    {
        return $this->taped[Wanted::tapeKey($pair->from->id, $pair->to->id)] ?? null;
    }

    /** Whether a reading of the list was taken. */
    public function has(Wanted $wanted): bool
    {
        return $this->sequencesOf($wanted) !== [];
    }

    /** @return list<int> sequences of what was taken of it */
    public function sequencesOf(Wanted $wanted): array
    {
        return array_keys(match (true) {
            $wanted->isTape() => $this->taped[$wanted->key()]->readings ?? [],
            $wanted->line !== null => $this->lines[$wanted->key()] ?? [],
            default => $this->strings[$wanted->key()] ?? [],
        });
    }

    /** @return list<TakenReading> tapes, then offsets from strings, then those from lines that hold the layout */
    public function all(): array
    {
        $all = [];
        foreach ($this->taped as $key => $taped) {
            $all[] = new TakenReading(
                Wanted::tape($taped->pair->from, $taped->pair->to), array_keys($taped->readings), $taped->distance, $this->times[$key],
            );
        }
        foreach ($this->strings + $this->lines as $key => $offsets) {
            $wanted = $this->wantedBy($offsets[array_key_first($offsets)]);
            $off = fn (StringReading|LineReading $offset): int => ($offset instanceof LineReading ? $offset->off : $offset->offLine())->nanometres;
            $mean = Length::nanometres((int) round(array_sum(array_map($off, $offsets)) / count($offsets)));
            if ($wanted !== null) {
                $all[] = new TakenReading($wanted, array_keys($offsets), $mean, $this->times[$key]);
            }
        }

        return $all;
    }

    /** The tape or offset that a reading of the network belongs to. */
    public function holding(string $id): ?TakenReading
    {
        foreach ($this->all() as $taken) {
            if (in_array(self::sequence($id), $taken->sequences, true)) {
                return $taken;
            }
        }

        return null;
    }

    private function wantedBy(StringReading|LineReading $offset): ?Wanted
    {
        $posts = $this->posts($offset);
        if ($posts === null) {
            return null;
        }
        $line = $offset instanceof LineReading ? $this->plan->fixedLine($offset->line) : null;

        return $line !== null ? Wanted::line($posts[0], $line) : Wanted::string($this->plan, $posts[0], $posts[1], $posts[2]);
    }

    /** @return array<string, int> */
    private static function times(Log $log): array
    {
        $times = [];
        foreach ($log->entries as $entry) {
            $payload = $entry->payload;
            $key = match (true) {
                $log->strikeOf($entry) !== null || $log->isOld($entry) => null,
                $payload instanceof TapeReading => Wanted::tapeKey($payload->from, $payload->to),
                $payload instanceof StringReading => Wanted::stringKey($payload->post, $payload->from, $payload->to),
                $payload instanceof LineReading => Wanted::lineKey($payload->post, $payload->line),
                default => null,
            };
            $times[$key ?? ''] = ($times[$key ?? ''] ?? 0) + 1;
        }

        return $times;
    }

    /**
     * @param  ByPost<Length>  $ground
     * @return ?Length the level distance; null where the tape lay along ground whose rise nobody knows
     */
    private function level(TapeReading $tape, ByPost $ground): ?Length
    {
        $rise = Length::zero();
        if ($tape->lay === TapeLay::AlongGround) {
            [$from, $to] = [$ground[$tape->from] ?? null, $ground[$tape->to] ?? null];
            $rise = $tape->rise ?? ($from !== null && $to !== null ? $to->minus($from) : null);
        }
        if ($rise === null) {
            return null;
        }
        try {
            return Length::millimetres(TapeCorrection::of($tape->distance, $rise, $tape->conditions)->corrected);
        } catch (SquareRefused) {
            return null;
        }
    }

    /** @return ?list<Post> the stakes of a reading; null when this plan has one of them no more */
    private function posts(StakeReading $reading): ?array
    {
        $posts = [];
        foreach ($reading->posts() as $id) {
            $post = $this->plan->grid->find($id);
            if ($post === null) {
                return null;
            }
            $posts[] = $post;
        }

        return $posts;
    }
}
