<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Placement\MoveCovariance;
use Aequus\Adjust\Placement\Tells;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Square\Network\PlanNetwork;
use Aequus\Square\Readings\Pair;
use Aequus\Square\Readings\Wanted;

/** What a list of readings can prove, worked out before a tape is pulled. */
final readonly class Proof
{
    /** How much of the noise beyond the limit a slip must overcome to be seen four times in five (Φ⁻¹ of 0.80). */
    private const POWER = 0.8416;

    /** A reading that the others check by less than this is never called not worth pulling with the next one gone. */
    public const STILL_CHECKED = 0.05;

    /** With more stakes than this, trying every reading for itself takes longer than anybody waits. */
    private const EACH_FOR_ITSELF = 36;

    /** With more stakes than this, only the tape at hand is judged: each further one takes as long again. */
    private const COMPARED = 400;

    /** @var ByPost<Length> ring of 95 % */
    public ByPost $rings;

    public Length $worst;

    public Post $worstPost;

    public bool $isEnough;

    public int $surplus;

    /** The smallest slip that would show, four times in five, in the reading where slips hide best; null where one is not checked at all. */
    public ?Length $slipSeen;

    /** @var list<Wanted> readings that nothing else checks */
    public array $unchecked;

    /** The further tape that would help most; null where it would not be needed or none is left. */
    public ?Wanted $further;

    /** The largest ring left once that one is pulled too. */
    public ?Length $withFurther;

    /** @var list<Wanted> readings that could all be left out together and still be enough and checked */
    public array $notWorthPulling;

    /** @var array<string, Length> the largest ring by class of tape; of a very large job only that of its own */
    public array $byTape;

    /**
     * @param  list<Wanted>  $list
     *
     * @throws NotDetermined naming stakes that these readings would leave free
     */
    public function __construct(private Plan $plan, array $list)
    {
        $network = new PlanNetwork($plan);
        $planned = self::planned($network, $list, $plan->layout->tape);
        $moves = self::moves($network, $planned, $list);
        $this->rings = ByPost::each(
            $plan->grid->posts, fn (Post $post) => $network->inMeasureOf($post->id, $moves->counted[$post->id->value]->ring()),
        );
        $worst = $plan->grid->posts[0];
        foreach ($plan->grid->posts as $post) {
            $worst = $moves->counted[$post->id->value]->major > $moves->counted[$worst->id->value]->major ? $post : $worst;
        }
        [$this->worstPost, $this->worst] = [$worst, $this->ring($worst)];
        $this->isEnough = $this->proves($worst);
        $this->surplus = $planned->solution->surplus;
        $this->unchecked = array_values(array_filter($list, fn (Wanted $wanted) => $planned->solution->standardised($wanted->key()) === null));
        $this->slipSeen = $this->unchecked === [] ? $this->slipSeen($planned, $list) : null;
        $tells = $this->isEnough ? null : Tells::ofAll(
            $planned, $moves,
            new FurtherDistances(
                $planned->at, self::readings($list, $plan->layout->tape), $plan->layout->tape, $plan->layout->reach?->inMillimetres(),
            ),
        );
        [$from, $to] = $tells === null ? [null, null] : [$plan->grid->find(PostId::of($tells->from)), $plan->grid->find(PostId::of($tells->to))];
        $this->further = $from === null || $to === null ? null : Wanted::tape($from, $to);
        $this->withFurther = $tells === null ? null : $network->inMeasureOf($worst->id, ErrorEllipse::RING * $tells->major);
        $byTape = [];
        foreach (count($plan->grid->posts) > self::COMPARED ? [$plan->layout->tape] : TapeClass::cases() as $class) {
            $byTape[$class->value] = $class === $plan->layout->tape ? $this->worst : $network->inMeasureOf(
                $worst->id, ErrorEllipse::RING * self::moves($network, self::planned($network, $list, $class), $list)->largest(),
            );
        }
        $this->byTape = $byTape;
        $this->notWorthPulling = $this->isEnough ? $this->spare($network, $list) : [];
    }

    /** How far the place of a post would be left open, at 95 %. */
    public function ring(Post $post): Length
    {
        return $this->rings[$post];
    }

    /** Whether this list would prove the place of a post. */
    public function proves(Post $post): bool
    {
        return ! $this->ring($post)->isLongerThan($this->plan->closenessAt($post->id)->across);
    }

    /** How far off the post left most open may be. */
    public function allowed(): Length
    {
        return $this->plan->closenessAt($this->worstPost->id)->across;
    }

    /** The roughest class of tape with which this list would still be enough; null where none is. */
    public function roughestTape(): ?TapeClass
    {
        $enough = array_filter($this->byTape, fn (Length $ring) => ! $ring->isLongerThan($this->allowed()));
        uasort($enough, fn (Length $one, Length $other) => $other->nanometres <=> $one->nanometres);

        return $enough === [] ? null : TapeClass::from((string) array_key_first($enough));
    }

    /**
     * @param  list<Wanted>  $list
     *
     * @throws NotDetermined
     */
    private static function planned(PlanNetwork $network, array $list, TapeClass $tape): AdjustedNetwork
    {
        return $network->network(self::readings($list, $tape), $network->stakes)->planned();
    }

    /**
     * @param  list<Wanted>  $list
     * @return list<Reading>
     */
    private static function readings(array $list, TapeClass $tape): array
    {
        return array_map(fn (Wanted $wanted) => $wanted->reading($tape), $list);
    }

    /** @param  list<Wanted>  $list */
    private static function moves(PlanNetwork $network, AdjustedNetwork $planned, array $list): MoveCovariance
    {
        return $network->moves($planned, self::readings($list, $network->plan->layout->tape), $network->way());
    }

    /** @param  list<Wanted>  $list */
    private function slipSeen(AdjustedNetwork $planned, array $list): Length
    {
        $beyond = NormalDistribution::critical(max(1, count($list))) + self::POWER;

        return Length::millimetres(
            max(
                0.0,
                ...array_map(
                    fn (Wanted $wanted) => $beyond * $planned->solution->observation($wanted->key())->sigma / sqrt(
                        $planned->solution->redundancy($wanted->key()),
                    ),
                    $list,
                ),
            ),
        );
    }

    /**
     * Longest first, each left out for as long as the rest stays enough and every reading of it checked. On a large grid not each for itself, but as
     * many from the front of the row as go together: one diagonal of every bay before the other.
     *
     * @param  list<Wanted>  $list
     * @return list<Wanted>
     */
    private function spare(PlanNetwork $network, array $list): array
    {
        $candidates = $list;
        $place = fn (Wanted $wanted): array => [
            $wanted->isTape() ? 0 : 1, -$wanted->planned()->nanometres, $wanted->line === null && $this->isAtTheEdge($wanted->ends()) ? 1 : 0,
            $wanted->line === null && $wanted->ends()->rises() ? 0 : 1,
        ];
        usort($candidates, fn (Wanted $one, Wanted $other) => $place($one) <=> $place($other));
        if (count($network->stakes) > self::EACH_FOR_ITSELF) {
            [$most, $tooMany] = [0, count($candidates)];
            while ($tooMany - $most > 1) {
                $middle = intdiv($most + $tooMany, 2);
                $this->isEnoughWithout($network, $list, array_slice($candidates, 0, $middle)) ? $most = $middle : $tooMany = $middle;
            }

            return array_slice($candidates, 0, $most);
        }
        $spare = [];
        foreach ($candidates as $candidate) {
            if ($this->isEnoughWithout($network, $list, [...$spare, $candidate])) {
                $spare[] = $candidate;
            }
        }

        return $spare;
    }

    /** Stakes of the outline have fewest readings: theirs are the last to be left out. */
    private function isAtTheEdge(Pair $pair): bool
    {
        [$right, $far] = [$this->plan->grid->columns->length(), $this->plan->grid->rows->length()];
        foreach ([$pair->from->at, $pair->to->at] as $at) {
            if ($at->x->isZero() || $at->y->isZero() || $at->x->equals($right) || $at->y->equals($far)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Wanted>  $list
     * @param  list<Wanted>  $out
     */
    private function isEnoughWithout(PlanNetwork $network, array $list, array $out): bool
    {
        $gone = array_fill_keys(array_map(spl_object_id(...), $out), true);
        $rest = array_values(array_filter($list, fn (Wanted $wanted) => ! isset($gone[spl_object_id($wanted)])));
        try {
            $planned = self::planned($network, $rest, $this->plan->layout->tape);
        } catch (NotDetermined) {
            return false;
        }
        foreach ($rest as $wanted) {
            if ($planned->solution->redundancy($wanted->key()) < self::STILL_CHECKED) {
                return false;
            }
        }

        return ErrorEllipse::RING * self::moves($network, $planned, $rest)->largest() <= $this->plan->tolerances->squareness->inMillimetres();
    }
}
