<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Logbook\HoleDug;
use Aequus\Logbook\LevelPoint;
use Aequus\Logbook\LineReading;
use Aequus\Logbook\RodReading;
use Aequus\Logbook\TapeLay;
use Aequus\Logbook\TapeReading;
use Aequus\Logbook\TopMeasured;
use Aequus\Plan\Post;
use Aequus\Site\SiteState;

/** A whole round on one screen: every place in walking order, with one field each. */
final readonly class RoundSheet
{
    /** @var list<RoundRow> */
    public array $rows;

    /** @param  string  $setUp  from which rods are read; empty for the newest */
    public function __construct(public RoundKind $kind, private SiteState $site, public string $setUp = '')
    {
        $this->rows = match ($kind) {
            RoundKind::Tapes => $this->tapes(),
            RoundKind::Rods => $this->rods(),
            RoundKind::Holes => $this->holes(),
            RoundKind::Tops => $this->tops(),
        };
    }

    public function read(): int
    {
        return count(array_filter($this->rows, fn (RoundRow $row) => $row->read !== null));
    }

    /** @return list<RoundRow> tapes and offsets; what is read off a string needs its side too and is left to its own form */
    private function tapes(): array
    {
        $tape = $this->site->plan->layout->tape->value;
        $rows = [];
        foreach ($this->site->square->wanted as $wanted) {
            $taken = $this->site->square->taken->of($wanted);
            $sequence = $taken === [] ? null : max($taken);
            $payload = $sequence === null ? null : $this->site->log->entries[$sequence]->payload;
            if ($wanted->line !== null) {
                $post = $wanted->posts()[0];
                $rows[] = new RoundRow(
                    "{$post->label}-{$wanted->line->id}", $wanted->label(), 'square.line', 'line_off', ['line' => $wanted->line->id, 'line_post' => $post->label, 'tape' => $tape],
                    $wanted->planned()->magnitude(), $payload instanceof LineReading ? $payload->off : null, $sequence,
                );
            } elseif ($wanted->isTape()) {
                [$from, $to] = [$wanted->ends()->from->label, $wanted->ends()->to->label];
                $rows[] = new RoundRow(
                    "{$from}-{$to}", $wanted->label(), 'square.tape', 'distance', ['from' => $from, 'to' => $to, 'tape' => $tape],
                    $wanted->planned(), $payload instanceof TapeReading ? $payload->distance : null, $sequence,
                    $payload instanceof TapeReading && ($payload->conditions !== null || $payload->lay !== TapeLay::Level || $payload->name !== '') ? 'how it was held is written down too: correct it on the page of readings' : '',
                );
            }
        }

        return $rows;
    }

    /** @return list<RoundRow> the benchmark first: without it a set-up tells nothing */
    private function rods(): array
    {
        $setUp = $this->setUp();
        $read = [];
        foreach ($this->site->log->now(RodReading::class) as $sequence => $rod) {
            if ($rod->setUp === ($setUp === '1' ? '' : $setUp)) {
                $read[$rod->point->key()] = [$sequence, $rod->rod, $rod->distance === null ? '' : 'read with its distance: correct it on the page of heights'];
            }
        }
        $row = function (string $label, string $name, string $key) use ($read, $setUp): RoundRow {
            [$sequence, $rod, $note] = $read[$key] ?? [null, null, ''];

            return new RoundRow($label, $name, 'level.rod', 'rod', ['post' => $label, 'post_part' => 'ground', 'set_up' => $setUp], null, $rod, $sequence, $note);
        };
        $onPosts = array_map(fn (Post $post) => $row($post->label, $post->label, "ground {$post->id->value}"), $this->site->walk());
        $benchmark = $this->site->level->benchmark;

        return $benchmark === null ? [] : [$row('Benchmark', $benchmark->name, LevelPoint::benchmark()->key()), ...$onPosts];
    }

    public function setUp(): string
    {
        return $this->setUp !== '' ? $this->setUp : ($this->site->level->setUp ?: '1');
    }

    /** @return list<RoundRow> */
    private function holes(): array
    {
        $dug = [];
        foreach ($this->site->log->now(HoleDug::class) as $hole) {
            $dug[$hole->post->value] = $hole;
        }

        return array_map(function (Post $post) use ($dug): RoundRow {
            $hole = $dug[$post->id->value] ?? null;
            $more = $hole !== null && ($hole->width !== null || $hole->found !== null || $hole->soils !== []);

            // A hole that is dug on is a new entry; the newest counts.
            return new RoundRow(
                $post->label, $post->label, 'footing.hole', 'depth', ['post' => $post->label], $this->site->footing->toReach($post), $hole?->depth, null,
                $more ? ($hole->found === null ? 'width or soil' : "that it met {$hole->found->inWords()}").' is written down too: change it on the dig list' : '',
            );
        }, array_values(array_filter($this->site->walk(), fn (Post $post) => $this->site->footing->required($post) !== null)));
    }

    /** @return list<RoundRow> */
    private function tops(): array
    {
        $tops = [];
        foreach ($this->site->log->now(TopMeasured::class) as $top) {
            $tops[$top->post->value] = $top->aboveDatumLine;
        }

        return $this->site->plan->tops === null ? [] : array_map(fn (Post $post) => new RoundRow(
            $post->label, $post->label, 'cut.top', 'above', ['post' => $post->label], $this->site->cut->mark($post)?->aboveDatumLine(), $tops[$post->id->value] ?? null, null,
        ), array_values(array_filter($this->site->walk(), fn (Post $post) => ! $this->site->cut->isCut($post))));
    }
}
