<?php

declare(strict_types=1);

namespace Aequus\Adjust\Levels;

/**
 * What an adjustment of heights says of one spirit level’s own error: told only when the readings know it, and no single hop alone does.
 * Rise over run.
 */
final readonly class OwnError
{
    /** So much of what was believed before must come from the readings. */
    private const KNOWN = 0.5;

    /** A hop that shows less of its own mistake than this is checked by nothing. */
    private const CHECKED = 1e-9;

    /** Beyond so many prior deviations, while it can’t be told, one hop is asked for the other way round. */
    private const SUSPECT = 2.0;

    /** Beyond so many prior deviations a level is out of true. */
    private const OUT = 3.0;

    public bool $isTold;

    public bool $asksForATurnedHop;

    public bool $isOutOfTrue;

    /**
     * @param  float  $share  of its information that comes from readings
     * @param  float  $leastShare  the same with the one hop left out that tells most of it
     */
    private function __construct(public string $level, public float $value, public float $share, public float $leastShare, bool $inDoubt)
    {
        $this->isTold = ! $inDoubt && $share >= self::KNOWN && $leastShare >= self::KNOWN;
        $this->asksForATurnedHop = ! $this->isTold && abs($value) > self::SUSPECT * LevelNetwork::LEVEL_PRIOR;
        $this->isOutOfTrue = $this->isTold && abs($value) > self::OUT * LevelNetwork::LEVEL_PRIOR;
    }

    /**
     * @param  list<LevelReading>  $readings  of that adjustment
     * @param  list<string>  $named  ids of readings in doubt
     */
    public static function of(AdjustedLevels $adjusted, string $level, array $readings, array $named): self
    {
        $prior = LevelNetwork::LEVEL_PRIOR ** 2;
        $variance = $adjusted->deviation($level) ** 2;
        $without = $variance;
        $inDoubt = false;
        foreach ($readings as $hop) {
            if (! isset($hop->parts[$level]) || ! $adjusted->has($hop->id)) {
                continue;
            }
            $inDoubt = $inDoubt || in_array($hop->id, $named, true);
            $checked = $adjusted->solution->redundancy($hop->id);
            if ($checked > self::CHECKED) {
                $without = max($without, $variance + $adjusted->covarianceWith($level, $hop->id) ** 2 / ($checked * $hop->sigma ** 2));
            }
        }

        return new self($level, $adjusted->values[$level], 1 - $variance / $prior, 1 - $without / $prior, $inDoubt);
    }
}
