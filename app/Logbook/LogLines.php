<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Logbook\AsCast;
use Aequus\Logbook\BeamTested;
use Aequus\Logbook\BenchmarkChosen;
use Aequus\Logbook\Decision;
use Aequus\Logbook\Entry;
use Aequus\Logbook\HandedOver;
use Aequus\Logbook\HeightDifference;
use Aequus\Logbook\HoleDug;
use Aequus\Logbook\LevelPoint;
use Aequus\Logbook\LevelWay;
use Aequus\Logbook\LineReading;
use Aequus\Logbook\NoticeAsked;
use Aequus\Logbook\Payload;
use Aequus\Logbook\PlumbReading;
use Aequus\Logbook\PostCut;
use Aequus\Logbook\PostSet;
use Aequus\Logbook\Remark;
use Aequus\Logbook\RodReading;
use Aequus\Logbook\ServiceLine;
use Aequus\Logbook\SoilLayer;
use Aequus\Logbook\StakeMoved;
use Aequus\Logbook\Strike;
use Aequus\Logbook\StringReading;
use Aequus\Logbook\TapeLay;
use Aequus\Logbook\TapeReading;
use Aequus\Logbook\TopMeasured;
use Aequus\Measure\Length;
use Aequus\Plan\PostFeature;
use Aequus\Plan\PostId;
use Aequus\Plan\Shift;
use Aequus\Site\SiteState;
use DateTimeZone;

/** The logbook in words, newest first, a sheet at a time. */
final readonly class LogLines
{
    private const ON_A_SHEET = 150;

    /** @var list<LogLine> */
    public array $lines;

    /** The entry the next, older sheet begins below; null on the last. */
    public ?int $olderThan;

    public int $total;

    /** @param  ?int  $before the entry this sheet begins below; null for the newest */
    public function __construct(private SiteState $site, string $zone, ?int $before = null)
    {
        $local = new DateTimeZone($zone);
        $this->total = count($site->log->entries);
        $older = array_filter($site->log->entries, fn (Entry $entry) => $before === null || $entry->sequence < $before);
        $sheet = array_slice(array_reverse($older), 0, self::ON_A_SHEET);
        $this->olderThan = count($older) > count($sheet) ? $sheet[array_key_last($sheet)]->sequence : null;
        $this->lines = array_values(array_map(function (Entry $entry) use ($local): LogLine {
            [$standing, $words] = $this->standing($entry);
            $who = $entry->readBy === '' ? $entry->recordedBy : "{$entry->readBy}, written by {$entry->recordedBy}";

            return new LogLine($entry, $this->say($entry->payload), $entry->measuredAt->setTimezone($local)->format('j M Y, H:i'), $who, $standing, $words);
        }, $sheet));
    }

    /** @return array{string, string} */
    private function standing(Entry $entry): array
    {
        $strike = $this->site->log->strikeOf($entry);
        $correction = $this->site->log->correctionOf($entry);

        return match (true) {
            $strike !== null => ['struck', "struck: {$strike->reason}"],
            $correction !== null => ['corrected', "corrected by entry {$correction->sequence}"],
            $this->site->log->isOld($entry) => ['old', 'from before the stake was moved'],
            default => ['counts', ''],
        };
    }

    private function say(Payload $said): string
    {
        $write = $this->site->plan->write(...);
        $side = $this->site->plan->sides->of(...);

        return match (true) {
            $said instanceof NoticeAsked => "Utility marks asked for on {$said->askedOn}, {$said->workingDays} working days".($said->reference === '' ? '' : ", number {$said->reference}"),
            $said instanceof ServiceLine => ucfirst($said->type->value)." line “{$said->name}”, {$write($said->noDig)} no-dig each side",
            $said instanceof TapeReading => "Tape {$this->label($said->from)}–{$this->label($said->to)}: {$write($said->distance)}, {$said->tape->inWords()}".($said->name === '' ? '' : " “{$said->name}”").$this->held($said),
            $said instanceof StringReading => "{$this->label($said->post)} stands {$write($said->offLine()->magnitude())} ".($said->offLine()->isNegative() ? 'right' : 'left')." of the string from {$this->label($said->from)} to {$this->label($said->to)}",
            $said instanceof LineReading => "{$this->label($said->post)} stands {$write($said->off->magnitude())} off ".($this->site->plan->layout->fixedLine->name ?? 'the fixed line'),
            $said instanceof AsCast => "{$this->label($said->post)} as cast: ".$this->shift($said->alongX, $said->alongY),
            $said instanceof StakeMoved => "Stake {$this->label($said->post)} moved",
            $said instanceof BenchmarkChosen => "Benchmark {$said->name}, counted as {$write($said->height)}",
            $said instanceof RodReading => "Rod at {$this->point($said->point)}: {$write($said->rod)}".($said->setUp === '' ? '' : ", set-up {$said->setUp}").($said->distance === null ? '' : ", {$write($said->distance)} away"),
            $said instanceof BeamTested => 'Line of sight tested by two pegs: it '.($said->rises->ratio < 0 ? 'falls' : 'rises').' '.number_format(10_000 * abs($said->rises->ratio), 1).' mm in 10 m',
            $said instanceof HeightDifference => ucfirst($said->instrument->inWords()).($said->level === '' ? '' : " “{$said->level}”").": {$this->point($said->to)} ".($said->read->isZero() ? 'level with' : "{$write($said->read->magnitude())} ".($said->read->isNegative() ? 'lower than' : 'higher than'))." {$this->point($said->from)}".($said->over === null ? '' : ", over {$write($said->over)}").($said->way === LevelWay::Turned ? ', turned' : '').($said->hungAt === null ? '' : ", hung {$write($said->hungAt)} from {$this->point($said->from)}"),
            $said instanceof HoleDug => "Hole {$this->label($said->post)} dug: {$write($said->depth)}".($said->width === null ? '' : ", {$write($said->width)} wide").($said->found === null ? '' : ", met {$said->found->inWords()}").implode('', array_map(fn (SoilLayer $layer) => ", {$layer->soil->inWords()} to {$write($layer->to)}", $said->soils)),
            $said instanceof PostSet => "Post {$this->label($said->post)} set",
            $said instanceof PlumbReading => "Post {$this->label($said->post)}, {$side($said->face)} face: ".($said->gap->isZero() ? 'plumb' : "{$write($said->gap)} toward the {$side($said->leansToward)}")." over {$write($said->level)}",
            $said instanceof TopMeasured => "Top of {$this->label($said->post)}: {$write($said->aboveDatumLine)} above the datum line",
            $said instanceof PostCut => "Post {$this->label($said->post)} cut",
            $said instanceof Decision => $said->about->inWords().($said->post === null ? '' : " ({$this->label($said->post)})").": {$said->reason}",
            $said instanceof Remark => ($said->post === null ? '' : $this->label($said->post).': ').$said->text,
            $said instanceof HandedOver => "Handed over to {$said->to}".($said->remark === '' ? '' : ": {$said->remark}"),
            $said instanceof Strike => "Entry {$said->sequence} struck: {$said->reason}",
            default => $said->kind()->value,
        };
    }

    private function point(LevelPoint $point): string
    {
        return match (true) {
            $point->isBenchmark() => 'the benchmark',
            $point->post === null => $point->name,
            default => $this->label($point->post).($point->feature === PostFeature::Ground ? '' : ", {$point->feature->inWords()}"),
        };
    }

    private function held(TapeReading $tape): string
    {
        $held = $tape->lay === TapeLay::Level ? [] : ['along the ground'.($tape->rise === null ? '' : ", rise {$this->site->plan->write($tape->rise)}")];
        if ($tape->conditions?->celsius !== null) {
            $held[] = "{$tape->conditions->celsius} °C";
        }
        if ($tape->conditions?->newtons !== null) {
            $held[] = "pulled with {$tape->conditions->newtons} N";
        }
        if ($tape->conditions?->hangsWhole) {
            $held[] = 'hanging free';
        }

        return $held === [] ? '' : ', '.implode(', ', $held);
    }

    private function shift(Length $x, Length $y): string
    {
        $parts = array_map(fn (Shift $part) => "{$this->site->plan->write($part->amount)} toward the {$this->site->plan->sides->of($part->toward)}", Shift::parts($x, $y));

        return $parts === [] ? 'on its mark' : implode(' and ', $parts).' of its mark';
    }

    private function label(PostId $id): string
    {
        return $this->site->plan->grid->find($id)->label ?? 'a post no longer in the plan';
    }
}
