<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StakeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Site\PlanInWorld;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;

/**
 * What truly is on a site that nobody has, for practice: where stakes stand, how high the ground is, how posts lean. All of it comes from a number
 * and the labels, so that the same site is there tomorrow, and one more post changes nothing of the others; instruments read it with the noise of
 * their class.
 */
final readonly class MadeUpSite implements LevelAndRod, LevelBetween, PlumbLevel, Tape, TotalStation
{
    /**
     * Standard deviations, mm: of a stake put by eye and of one put by a tape, of the ground, of a hole that is dug, of one lean read first and read
     * again, of a rod.
     */
    private const STAKED = 12.0;

    private const PUT_RIGHT = 0.8;

    private const GROUND = 15.0;

    private const DUG = 15.0;

    private const LEANS = 4.0;

    private const PULLED = 0.5;

    private const ROD = 1.0;

    private const STRING = 1.0;

    private const STATION = 1.5;

    private const BEAM = 1500.0;

    private const LOWER_EACH_SET_UP = 235.0;

    public function __construct(private int $seed = 1)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function reads(SiteState $site, Wanted $wanted): Length
    {
        $at = [];
        foreach ($site->plan->grid->posts as $post) {
            $at[$post->id->value] = $this->stake($site, $post);
        }
        $tape = $site->plan->layout->tape;
        $sigma = $wanted->isTape() ? $tape->sigma($wanted->planned()) : self::STRING;

        return $this->mark(
            $site, $wanted->reading($tape)->computed($at) + $sigma * $this->normal("reads {$wanted->key()}", null, $site->log->lastSequence()),
        );
    }

    public function rod(SiteState $site, ?Post $post, string $setUp): Length
    {
        $beam = self::BEAM - self::LOWER_EACH_SET_UP * max(0, (int) $setUp - 1);

        return $this->mark(
            $site,
            $beam - ($post === null ? 0.0 : $this->ground($post)) + self::ROD * $this->normal("rod {$setUp}", $post, $site->log->lastSequence()),
        );
    }

    public function between(SiteState $site, LevelPoint $from, LevelPoint $to, LevelInstrument $with, ?Length $over): Length
    {
        $high = function (LevelPoint $point) use ($site): float {
            $post = $point->post === null ? null : $site->plan->grid->find($point->post);

            return $post === null ? 0.0 : $this->ground($post);
        };
        $long = $over?->inMillimetres() ?? 0.0;
        $sigma = match ($with) {
            LevelInstrument::Board, LevelInstrument::Phone => self::ROD + $long / 2000,
            LevelInstrument::LineLevel => self::STRING + $long / 1500,
            LevelInstrument::Water, LevelInstrument::Survey => 2 * self::ROD,
        };

        return $this->mark(
            $site, $high($to) - $high($from) + $sigma * $this->normal("{$with->value} {$from->key()} {$to->key()}", null, $site->log->lastSequence()),
        );
    }

    public function depth(SiteState $site, Post $post): ?Length
    {
        $needed = $site->footing->required($post)?->holeDepth();

        return $needed === null ? null
            : $this->mark($site, $needed->inMillimetres() + self::DUG * $this->normal('hole', $post, $site->log->lastSequence()));
    }

    public function above(SiteState $site, Post $post): ?Length
    {
        $mark = $site->cut->mark($post)?->aboveDatumLine();

        return $mark === null ? null : $this->mark($site, $mark->inMillimetres() + 80.0 + self::GROUND * $this->normal('top', $post));
    }

    public function length(SiteState $site): Length
    {
        return $site->plan->notation->system()->spiritLevel;
    }

    public function gap(SiteState $site, Post $post, Side $face): Length
    {
        $before = count(array_filter(
            $site->log->now(PlumbReading::class),
            fn (PlumbReading $read) => $read->face === $face && array_filter($read->posts(), $post->id->equals(...)) !== [],
        ));

        return $this->mark($site, ($before === 0 ? self::LEANS : self::PULLED) * $this->normal("lean {$face->value}", $post, $before));
    }

    public function staked(SiteState $site, PlanInWorld $world): string
    {
        $far = $site->plan->notation->system()->far;
        $lines = '';
        foreach ($site->plan->grid->posts as $post) {
            $noise = fn (string $axis): float => self::STATION * $this->normal("station {$axis}", $post, $site->log->lastSequence());
            $stands = $this->stake($site, $post)->plus(new Vector($noise('x'), $noise('y')));
            $at = $world->at(new Point(Length::millimetres($stands->x), Length::millimetres($stands->y)));
            $lines .= sprintf("%s,%.4f,%.4f,,STAKE\r\n", $post->label, $at->x / $far, $at->y / $far);
        }

        return $lines;
    }

    /** Below the benchmark’s zero is negative, mm. */
    private function ground(Post $post): float
    {
        $at = $post->at->inMillimetres();

        return -150.0 - $at->x / 100 - $at->y / 160 + self::GROUND * $this->normal('ground', $post);
    }

    /** Where somebody truly measured, a stake stands as the readings have it: what is made up beside them fits them. */
    private function stake(SiteState $site, Post $post): Vector
    {
        $told = $this->isMeasured($site) ? $site->square->survey->stakeOf($post) : null;
        if ($told !== null) {
            return $post->at->inMillimetres()->minus($told->along);
        }
        $moves = array_keys(array_filter(
            $site->log->now(StakeMoved::class), fn (StakeMoved $moved) => array_filter($moved->posts(), $post->id->equals(...)) !== [],
        ));
        [$sigma, $last] = [$moves === [] ? self::STAKED : self::PUT_RIGHT, $moves === [] ? 0 : max($moves)];

        return $post->at->inMillimetres()->plus(new Vector(
            $sigma * $this->normal('stake x', $post, $last), $sigma * $this->normal('stake y', $post, $last),
        ));
    }

    private function isMeasured(SiteState $site): bool
    {
        return array_filter($site->log->counting, fn (Entry $entry) => $entry->payload instanceof StakeReading && ! $entry->isMadeUp) !== [];
    }

    /** Nobody reads finer than the job’s smallest mark. */
    private function mark(SiteState $site, float $millimetres): Length
    {
        return $site->plan->notation->round(Length::millimetres($millimetres));
    }

    /** A number of the standard normal distribution (Box and Muller), the same for the same words. */
    private function normal(string $what, ?Post $post, int $time = 0): float
    {
        $of = "{$this->seed}|{$what}|{$post?->label}|{$time}";
        [$one, $two] = [(hexdec(hash('xxh32', "{$of}|1")) + 1) / 0x100000001, hexdec(hash('xxh32', "{$of}|2")) / 0x100000000];

        return sqrt(-2 * log($one)) * cos(2 * M_PI * $two);
    }
}
