<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Adjust\GrossErrors\Mistakes;
use Aequus\Adjust\GrossErrors\Separation;
use Aequus\Adjust\Levels\AdjustedLevels;
use Aequus\Adjust\Levels\LevelNetwork;
use Aequus\Adjust\Levels\LevelReading;
use Aequus\Adjust\Levels\OwnError;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostFeature;

/** Heights from everything that was read, all instruments in one adjustment; what no reading ties to a benchmark is set aside and named. */
final readonly class Heights
{
    /** The benchmark in force: the one chosen last. */
    public ?BenchmarkChosen $benchmark;

    /** Height of the newest set-up’s beam above zero; null until it is tied to a benchmark. */
    public ?Length $ofInstrument;

    /** Name of the newest set-up; null before any rod was read. */
    public ?string $setUp;

    /** @var ByPost<Length> ground heights, where they are known */
    public ByPost $ground;

    /** @var array<string, KnownHeight> every height that is known, by its point’s key */
    public array $known;

    /** @var list<string> points and set-ups that nothing ties to a benchmark yet, as people call them */
    public array $free;

    /** @var list<Post> posts whose ground was not read yet */
    public array $unread;

    public ?Post $high;

    public ?Post $low;

    /** Of the ground, once three posts are read; along the row for posts in one line. */
    public ?GroundPlane $plane;

    public ?Mistakes $mistakes;

    /** What would tell the readings in doubt apart: a reading to take again, or two points to hop between. */
    public ?Separation $separation;

    /** Readings more than are needed: they check the others. */
    public int $surplus;

    /** @var array<string, Length> own error over a metre of each spirit level whose readings tell it, by its name */
    public array $ownErrors;

    /** @var list<OwnError> what the readings say of every spirit level used */
    public array $levels;

    /** Ground read from one set-up only, compared with the plane of all. */
    public GroundTest $groundTest;

    /** @var list<string> readings in doubt of the weakest instrument among them: read again first */
    public array $doubtedFirst;

    public LevelReadings $readings;

    /** @var array<string, true> readings that others check, by id */
    public array $checked;

    /** @var array<string, float> what a checked reading touches, by its name in the network */
    private array $partsChecked;

    /** @var array<string, float> adjusted heights and own errors of levels, mm, by name in the network */
    private array $values;

    public function __construct(private Plan $plan, Log $log)
    {
        $this->readings = new LevelReadings($plan, $log);
        $this->benchmark = $log->latest(BenchmarkChosen::class);
        $rods = $log->now(RodReading::class);
        $this->setUp = $rods === [] ? null : $rods[array_key_last($rods)]->setUp;
        [$mistakes, $adjusted, $network, $free] = $this->adjust();
        [$this->mistakes, $this->surplus] = [$mistakes, $adjusted->solution->surplus ?? 0];
        $this->values = $adjusted->values ?? [];
        $this->checked = array_fill_keys($adjusted === null ? [] : $adjusted->solution->testable(), true);
        $this->partsChecked = $this->touched(
            array_values(array_filter($this->readings->network, fn (LevelReading $reading) => isset($this->checked[$reading->id]))),
        );
        $this->free = array_map($this->readings->name(...), $free);
        $this->separation = $mistakes === null || $network === null || count($mistakes->named) < 2 ? null
            : $this->separation($adjusted, $network, $mistakes->named);
        $known = $ownErrors = [];
        foreach ($this->values as $key => $value) {
            $key = (string) $key;
            if (isset($this->readings->points[$key])) {
                $known[$key] = new KnownHeight($this->readings->points[$key], Length::millimetres($value), $adjusted?->deviation($key) ?? 0.0);
            }
        }
        $this->levels = $adjusted === null || $network === null ? [] : array_values(array_map(
            fn (string $name) => OwnError::of($adjusted, $name, $network->readings, $mistakes->named ?? []),
            array_filter($this->readings->levels, fn (string $name) => isset($this->values[$name])),
        ));
        foreach ($this->levels as $level) {
            if ($level->isTold) {
                $ownErrors[substr($level->level, strlen(LevelReadings::LEVEL))] = Length::millimetres($level->value * 1000);
            }
        }
        [$this->known, $this->ownErrors] = [$known, $ownErrors];
        $this->doubtedFirst = $network?->doubtedFirst($mistakes->named ?? []) ?? [];
        $beam = $this->setUp === null ? null : $this->values[LevelReadings::SET_UP.$this->setUp] ?? null;
        $this->ofInstrument = $beam === null ? null : Length::millimetres($beam);
        [$this->ground, $this->unread, $this->high, $this->low, $this->plane] = $this->shapeOfGround($known);
        $this->groundTest = $this->tested($known);
    }

    public function groundAt(Post $post): ?Length
    {
        return $this->ground[$post] ?? null;
    }

    public function knownGround(Post $post): ?KnownHeight
    {
        return $this->known[LevelPoint::of($post->id)->key()] ?? null;
    }

    /** Standard deviation of a ground height, mm; null where it is not known. */
    public function uncertainty(Post $post): ?float
    {
        return $this->knownGround($post)?->sigma;
    }

    /** Every way round through the readings, those in doubt and left out among them, and what it misses by. */
    public function loops(): LevelLoops
    {
        return new LevelLoops($this->readings->network, $this->readings->benchmarks, $this->readings->levels);
    }

    /** Height of a set-up’s beam above zero, by its name in the network; null until it is tied to a benchmark. */
    public function beam(string $key): ?Length
    {
        return isset($this->values[$key]) ? Length::millimetres($this->values[$key]) : null;
    }

    /** Of any point; null where it was not read, or nothing ties it in. */
    public function heightOf(LevelPoint $point): ?Length
    {
        return $point->isBenchmark() ? $this->benchmark?->height : ($this->known[$point->key()] ?? null)?->height;
    }

    /** Whether a set-up, by its name in the network, is tied to a benchmark. */
    public function hasSetUp(string $key): bool
    {
        return isset($this->values[$key]);
    }

    /** What a reading shows more than the adjusted heights want; null where nothing ties it in. */
    public function off(LevelReading $reading): ?Length
    {
        $off = $reading->observed;
        foreach ($reading->parts as $name => $part) {
            if (! isset($this->values[$name])) {
                return null;
            }
            $off -= $part * $this->values[$name];
        }

        return Length::millimetres($off);
    }

    /** Of any feature of a post; null where it was not read. */
    public function heightOfPart(Post $post, PostFeature $feature): ?Length
    {
        return ($this->known[LevelPoint::of($post->id, $feature)->key()] ?? null)?->height;
    }

    /** What people call a point; the benchmark in force by its own name. */
    public function name(LevelPoint $point): string
    {
        return $point->isBenchmark() ? $this->benchmark->name ?? 'the benchmark' : $this->readings->name($point->key());
    }

    public function range(): ?Length
    {
        return $this->high === null || $this->low === null ? null
            : $this->ground[$this->high]->minus($this->ground[$this->low]);
    }

    public function isComplete(): bool
    {
        return $this->unread === [];
    }

    /** @return array{?Mistakes, ?AdjustedLevels, ?LevelNetwork, list<string>} and the names nothing ties in */
    private function adjust(): array
    {
        $readings = $this->readings->network;
        $free = [];
        while ($readings !== []) {
            $network = new LevelNetwork(
                $this->readings->benchmarks, $readings, $this->readings->levels,
                array_map(strval(...), array_keys(array_intersect_key($this->readings->points, $this->touched($readings)))),
            );
            try {
                [$mistakes, $adjusted] = Mistakes::search(fn (array $without) => $network->without($without)->adjust());

                return [$mistakes, $adjusted, $network, $free];
            } catch (NotDetermined $refusal) {
                $gone = array_flip($refusal->stations);
                $free = [...$free, ...$refusal->stations];
                $readings = array_values(array_filter($readings, fn (LevelReading $reading) => array_intersect_key($reading->parts, $gone) === []));
            }
        }

        return [null, null, null, $free];
    }

    /**
     * @param  list<LevelReading>  $readings
     * @return array<string, float>
     */
    private function touched(array $readings): array
    {
        $touched = [];
        foreach ($readings as $reading) {
            $touched += $reading->parts;
        }

        return $touched;
    }

    /** Whether something checks the ground at a post: another set-up, another instrument. */
    public function isGroundChecked(Post $post): bool
    {
        return isset($this->partsChecked[LevelPoint::of($post->id)->key()]);
    }

    /** @param  array<string, KnownHeight>  $known */
    private function tested(array $known): GroundTest
    {
        $points = [];
        foreach ($this->plan->grid->posts as $post) {
            $height = $known[LevelPoint::of($post->id)->key()] ?? null;
            if ($height !== null) {
                $points[$post->id->value] = [$post->at, $height->height->inMillimetres(), $this->isGroundChecked($post) ? 2 : 1];
            }
        }

        return GroundTest::of($points);
    }

    /** @param  list<string>  $named */
    private function separation(?AdjustedLevels $adjusted, LevelNetwork $network, array $named): ?Separation
    {
        if ($adjusted === null) {
            return null;
        }
        $rods = array_filter($named, fn (string $id) => $network->find($id)->isRod ?? false) === $named;

        return Separation::among($adjusted->solution, $named, $rods ? $network->again($named) : $network->furtherHops(BoardLevel::READING));
    }

    /**
     * @param  array<string, KnownHeight>  $known
     * @return array{ByPost<Length>, list<Post>, ?Post, ?Post, ?GroundPlane}
     */
    private function shapeOfGround(array $known): array
    {
        $ground = ByPost::each($this->plan->grid->posts, fn (Post $post) => ($known[LevelPoint::of($post->id)->key()] ?? null)?->height);
        $unread = array_values(array_filter($this->plan->grid->posts, fn (Post $post) => ! isset($ground[$post])));
        $of = array_values(array_filter($this->plan->grid->posts, fn (Post $post) => isset($ground[$post])));
        $points = array_map(fn (Post $post) => new GroundPoint($post->at, $ground[$post]), $of);
        [$high, $low] = $points === [] ? [null, null] : [$of[GroundPoint::highest($points)], $of[GroundPoint::lowest($points)]];

        return [$ground, $unread, $high, $low, count($points) >= 3 ? GroundPlane::fit($points) : null];
    }
}
