<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\PictureTaken;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Logbook\Frame\BoardSpoiled;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Level\LevelWay;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\LeanWay;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Logbook\Set\TopOver;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Logbook\Square\BoardsUp;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeLay;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Temperature;
use Aequus\Measure\WeatherNotation;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostFeature;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Shift;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use Aequus\Words\Frame\LayerWords;
use LogicException;

/** An entry in words: in the logbook, and as an echo before it is stored. */
final readonly class EntryWords
{
    /** @param  ?ByPost<string>  $gone  what posts were called that the plan has no more; null for none */
    public function __construct(private SiteState $site, private ?ByPost $gone = null)
    {
    }

    /** What a kind of entry is called. */
    public static function called(EntryKind $kind): string
    {
        return match ($kind) {
            EntryKind::Notice => 'notice',
            EntryKind::Service => 'service',
            EntryKind::Tape => 'tape',
            EntryKind::StringOffset => 'string offset',
            EntryKind::LineOffset => 'line offset',
            EntryKind::AsCast => 'as cast',
            EntryKind::StakeMoved => 'stake moved',
            EntryKind::BoardsUp => 'boards up',
            EntryKind::Benchmark => 'benchmark',
            EntryKind::Rod => 'rod reading',
            EntryKind::HeightDifference => 'height difference',
            EntryKind::BeamTested => 'line of sight tested',
            EntryKind::Hole => 'hole dug',
            EntryKind::PostSet => 'post set',
            EntryKind::Plumb => 'plumb',
            EntryKind::Twist => 'twist',
            EntryKind::Spacing => 'spacing',
            EntryKind::Ready => 'seen to before a pour',
            EntryKind::CrossChecked => 'measured again',
            EntryKind::Filled => 'fill',
            EntryKind::Picture => 'picture',
            EntryKind::EmbedmentLine => 'line on a post',
            EntryKind::TopOver => 'top over an edge',
            EntryKind::Top => 'top measured',
            EntryKind::PostCut => 'post cut',
            EntryKind::MembersUp => 'frame up',
            EntryKind::BoardSpoiled => 'board spoiled',
            EntryKind::HoursWorked => 'hours worked',
            EntryKind::Awaited => 'waited for',
            EntryKind::WeatherTold => 'weather told',
            EntryKind::Decision => 'decision',
            EntryKind::Remark => 'remark',
            EntryKind::HandedOver => 'handed over',
            EntryKind::Strike => 'strike',
        };
    }

    public function say(Payload $said): Sentence
    {
        return $this->said($this->words($said));
    }

    private function words(Payload $said): string|Sentence
    {

        return match (true) {
            $said instanceof NoticeAsked => "Utility marks asked for on {$said->askedOn}, {$said->workingDays} working days".($said->reference === ''
                ? '' : ", number {$said->reference}"),
            $said instanceof ServiceLine => $this->said(
                ucfirst(Names::of($said->type)), ' line “', $said->name, '”, ', $said->noDig, ' no-dig each side',
            ),
            $said instanceof TapeReading => $this->said(
                'Tape ', $this->label($said->from), '–', $this->label($said->to), ': ', $said->distance, ', ', Names::of($said->tape),
                $said->name === '' ? '' : " “{$said->name}”", $this->held($said),
            ),
            $said instanceof StringReading => $this->said(
                $this->label($said->post), ' stands ', $said->off->magnitude(), ' ', $said->off->isNegative() ? 'right' : 'left',
                ' of the string from ', $this->label($said->from), ' to ', $this->label($said->to),
                ...($said->run->isZero() ? []
                    : [', which ran ', $said->run->magnitude(), ' ', $said->run->isNegative() ? 'right' : 'left', ' of the line between them']),
            ),
            $said instanceof LineReading => $this->said(
                $this->label($said->post), ' stands ', $said->off->magnitude(), ' off ', $this->line($said->line),
                $said->tape === null ? '' : ', '.Names::of($said->tape),
            ),
            $said instanceof AsCast => $this->said($this->label($said->post), ' as cast: ', $this->shift($said->alongX, $said->alongY)),
            $said instanceof StakeMoved => "Stake {$this->label($said->post)} moved",
            $said instanceof BoardsUp => 'Batter boards and strings stand',
            $said instanceof BenchmarkChosen => $this->said('Benchmark ', $said->name, ', counted as ', $said->height),
            $said instanceof RodReading => $this->said('Rod at ', $this->point($said->point), ': ', $said->rod, $said->setUp === '' ? ''
                : ", set-up {$said->setUp}", $said->distance === null ? '' : $this->said(', ', $said->distance, ' away')),
            $said instanceof BeamTested => $this->said(
                'Line of sight tested by two pegs: it ', $said->rises->ratio < 0 ? 'falls' : 'rises', ' ',
                Sentence::of(Notation::millimetres(1), Length::millimetres(10_000 * abs($said->rises->ratio))), ' in 10 m',
            ),
            $said instanceof HeightDifference => $this->said(ucfirst(Names::of($said->instrument)), $said->level === '' ? ''
                : " “{$said->level}”", ': ', $this->point($said->to), ' ', $said->read->isZero() ? 'level with'
                : $this->said($said->read->magnitude(), ' ', $said->read->isNegative() ? 'lower than'
                    : 'higher than'), ' ', $this->point($said->from), $said->over === null ? ''
                : $this->said(', over ', $said->over), $said->way === LevelWay::Turned ? ', turned' : '', $said->hungAt === null ? ''
                : $this->said(', hung ', $said->hungAt, ' from ', $this->point($said->from))),
            $said instanceof HoleDug => $this->said('Hole ', $this->label($said->post), ' dug: ', $said->depth, $said->width === null ? ''
                : $this->said(', ', $said->width, ' wide'), $said->found === null ? '' : ', met '.Names::of($said->found), ...array_map(
                    fn (SoilLayer $layer) => $this->said(', ', Names::of($layer->soil), ' to ', $layer->to), $said->soils,
                )),
            $said instanceof PostSet => "Post {$this->label($said->post)} set",
            $said instanceof PlumbReading => $this->said(
                'Post ', $this->label($said->post), ', ', $said->bearing === null
                    ? "{$this->site->plan->sidesOf($said->post)->nameOf($said->face)} face"
                        : Bearing::inWords($said->bearing, $this->site->plan->sides),
                ': ', $this->lean($said), ', ', Names::of($said->stage), $said->turned ? ', level turned' : '',
            ),
            $said instanceof TwistRead => $this->said('Post ', $this->label($said->post), ' is turned ', $said->gap, ' over ', $said->over),
            $said instanceof SpacingRead => $this->said($this->label($said->from), ' to ', $said->to === null ? $this->line($said->line)
                : $this->label($said->to), ' ', Names::of($said->at), ': ', $said->distance),
            $said instanceof SeenReady => ucfirst(Names::of($said->item).': seen to').($said->post === null ? '' : " at {$this->label($said->post)}"),
            $said instanceof CrossChecked => $this->said(
                'Before ', Names::of($said->before), ' measured again by ', Names::of($said->route), ': ',
                $said->off->isZero() ? 'as in the book' : $this->said($said->off->magnitude(), ' off'),
            ),
            $said instanceof PostFilled => "Post {$this->label($said->post)}: ".Names::of($said->step).($said->bags === null ? ''
                : ", {$said->bags} bags").($said->celsius === null ? ''
                    : ', at '.Temperature::celsius($said->celsius)->write($this->site->plan->notation->unit)),
            $said instanceof PictureTaken => 'Picture'.($said->post === null ? '' : " of {$this->label($said->post)}").($said->says === '' ? ''
                : ": {$said->says}"),
            $said instanceof TopMeasured => $this->said('Top of ', $this->label($said->post), ': ', $said->aboveDatumLine, ' above the datum line'),
            $said instanceof EmbedmentLine => $said->over->isZero()
                ? $this->said('Line ', $said->up, ' up on ', $this->label($said->post), ': level with the ground')
                : $this->said(
                    'Line ', $said->up, ' up on ', $this->label($said->post), ': ', $said->over->magnitude(),
                    $said->over->isNegative() ? ' below ground' : ' above ground',
                ),
            $said instanceof TopOver => $this->said('Top of ', $this->label($said->post), ': ', $said->over, " over {$this->line($said->line)}"),
            $said instanceof MembersUp => LayerWords::all($said->layer).' '.(
                $said->from === $said->to ? $said->from : "{$said->from} to {$said->to}"
            ).' up'
                .($said->on === '' ? '' : ', on part '.$this->part($said->part())),
            $said instanceof BoardSpoiled => $this->said(
                'Board ', $said->one, ' × ', $said->other, ', ', $said->board, ' long, spoiled; lost ',
                (new Speech($this->site->plan))->list(...$said->lost),
                ...($said->left === null ? [] : [', left of it ', $said->left]),
            ),
            $said instanceof HoursWorked => TaskWords::of($said->task)." on {$said->day}: {$said->hours} h by {$said->people}".(
                $said->amount === null ? ', as much as the book says' : ', '.round($said->amount, 2).' done'
            ),
            $said instanceof Awaited => ucfirst(Names::of($said->thing)).': '.Names::of($said->state)." {$said->day}".(
                $said->time === null ? '' : sprintf(' %d:%02d', intdiv($said->time, 60), $said->time % 60)
            )
                .($said->until === null ? '' : " to {$said->until}").($said->says === '' ? '' : ", {$said->says}"),
            $said instanceof WeatherTold => "Weather of {$said->day}: ".Temperature::celsius($said->least)->write(
                $this->site->plan->notation->unit,
            ).' to '
                .Temperature::celsius($said->greatest)->write(
                    $this->site->plan->notation->unit,
                ).($said->rain > 0.0 ? ', rain '.$this->weather()->rain($said->rain)." an hour from {$said->from} to {$said->to}" : '')
                .($said->gust > 0.0 ? ', gusts '.$this->weather()->gust($said->gust) : '').($said->thunder ? ', thunder' : ''),
            $said instanceof PostCut => "Post {$this->label($said->post)} cut",
            $said instanceof Decision => $this->said(Names::of($said->about), $said->post === null ? ''
                : " ({$this->label($said->post)})", $said->lesser === null || $said->thing !== null ? ''
                    : $this->said(', ', $said->lesser, ' all the same'), $said->thing === null ? '' : ", to {$said->thing}", ': ', $said->reason),
            $said instanceof Remark => ($said->post === null ? '' : $this->label($said->post).': ').$said->text,
            $said instanceof HandedOver => "Handed over to {$said->to}".($said->remark === '' ? '' : ": {$said->remark}"),
            $said instanceof Strike => "Entry {$said->sequence} struck: {$said->reason}",
            default => throw new LogicException('Nobody has words for '.$said::class.'.'),
        };
    }

    private function weather(): WeatherNotation
    {
        return new WeatherNotation($this->site->plan->notation->unit);
    }

    private function part(string $id): string
    {
        return array_values(array_filter($this->site->plan->parts, fn (Part $part) => $part->id === $id))[0]->name ?? 'that this plan has no more';
    }

    /** What a fixed line is called; it may be gone from the plan meanwhile. */
    private function line(string $id): string
    {
        return $this->site->plan->fixedLine($id)->name ?? 'a line that this plan has no more';
    }

    private function lean(PlumbReading $said): string|Sentence
    {
        $lean = $said->lean;
        $toward = $said->bearing === null ? "toward the {$this->site->plan->sidesOf($said->post)->nameOf($said->leansToward)}" : 'that way';
        $over = $lean->over === null ? '' : $this->said(' over ', $lean->over);
        $by = $lean->way === LeanWay::Phone ? ', by phone' : '';

        return match (true) {
            $lean->isPlumb() => $this->said($said->bearing === null && $said->isAlongFace() ? 'plumb along it' : 'plumb', $over, $by),
            $lean->bubble !== null => Names::of($lean->bubble).", top {$toward}",
            $lean->degrees !== null => "{$lean->degrees}° {$toward}{$by}",
            default => $this->said($lean->off ?? Length::zero(), ' ', $toward, $over),
        };
    }

    private function point(LevelPoint $point): string
    {
        return match (true) {
            $point->isBenchmark() => 'the benchmark',
            $point->post === null => $point->name,
            default => $this->label($point->post).($point->feature === PostFeature::Ground ? '' : ', '.Names::of($point->feature)),
        };
    }

    private function held(TapeReading $tape): string|Sentence
    {
        $held = $tape->lay === TapeLay::Level ? [] : [
            $this->said('along the ground', $tape->rise === null ? '' : $this->said(', rise ', $tape->rise)),
        ];
        if ($tape->conditions?->celsius !== null) {
            $held[] = "{$tape->conditions->celsius} °C";
        }
        if ($tape->conditions?->newtons !== null) {
            $held[] = "pulled with {$tape->conditions->newtons} N";
        }
        if ($tape->conditions?->hangsWhole) {
            $held[] = 'hanging free';
        }

        return $held === [] ? '' : $this->said(...array_merge(...array_map(fn (string|Sentence $one) => [', ', $one], $held)));
    }

    private function shift(Length $x, Length $y): string|Sentence
    {
        $parts = Shift::parts($x, $y);

        return $parts === [] ? 'on its mark' : $this->said((new Speech($this->site->plan))->list(...$parts), ' of its mark');
    }

    private function label(PostId $id): string
    {
        return $this->site->plan->grid->find($id)->label
            ?? (isset($this->gone[$id]) ? "{$this->gone[$id]} (no longer in the plan)" : 'a post no longer in the plan');
    }

    private function said(string|Length|Sentence|null ...$pieces): Sentence
    {
        return Sentence::of($this->site->plan->notation, ...$pieces);
    }
}
