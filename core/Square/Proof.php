<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Adjust\AdjustedNetwork;
use Aequus\Adjust\ErrorEllipse;
use Aequus\Adjust\FurtherDistances;
use Aequus\Adjust\MoveCovariance;
use Aequus\Adjust\NormalDistribution;
use Aequus\Adjust\NotDetermined;
use Aequus\Adjust\PlacementWay;
use Aequus\Adjust\Reading;
use Aequus\Adjust\Tells;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;
use Aequus\Plan\PostId;

/** What a list of readings can prove, worked out before a tape is pulled. */
final readonly class Proof
{
    /** How much of the noise beyond the limit a slip must overcome to be seen four times in five (Φ⁻¹ of 0.80). */
    private const POWER = 0.8416;

    /** A reading that the others check by less than this is never called not worth pulling with the next one gone. */
    private const STILL_CHECKED = 0.05;

    /** @var array<string, Length> ring of 95 % by the post’s id */
    public array $rings;

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

    /** @var array<string, Length> the largest ring by class of tape */
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
        $moves = self::moves($network, $planned);
        $this->rings = array_map(fn (ErrorEllipse $ellipse) => Length::millimetres($ellipse->ring()), $moves->ellipses);
        $worst = $plan->grid->posts[0];
        foreach ($plan->grid->posts as $post) {
            $worst = $this->ring($post)->isLongerThan($this->ring($worst)) ? $post : $worst;
        }
        [$this->worstPost, $this->worst] = [$worst, $this->ring($worst)];
        $this->isEnough = ! $this->worst->isLongerThan($plan->tolerances->squareness);
        $this->surplus = $planned->solution->surplus;
        $this->unchecked = array_values(array_filter($list, fn (Wanted $wanted) => $planned->solution->standardised($wanted->key()) === null));
        $this->slipSeen = $this->unchecked === [] ? $this->slipSeen($planned, $list) : null;
        $tells = $this->isEnough ? null : Tells::ofAll($planned, $moves, new FurtherDistances($planned->at, self::readings($list, $plan->layout->tape), $plan->layout->tape, $plan->layout->reach?->inMillimetres()));
        [$from, $to] = $tells === null ? [null, null] : [$plan->grid->find(PostId::of($tells->from)), $plan->grid->find(PostId::of($tells->to))];
        $this->further = $from === null || $to === null ? null : Wanted::tape($from, $to);
        $this->withFurther = $tells === null ? null : Length::millimetres(ErrorEllipse::RING * $tells->major);
        $byTape = [];
        foreach (TapeClass::cases() as $class) {
            $byTape[$class->value] = $class === $plan->layout->tape ? $this->worst : Length::millimetres(ErrorEllipse::RING * self::moves($network, self::planned($network, $list, $class))->largest());
        }
        $this->byTape = $byTape;
        $this->notWorthPulling = $this->isEnough ? $this->spare($network, $list) : [];
    }

    /** How far the place of a post would be left open, at 95 %. */
    public function ring(Post $post): Length
    {
        return $this->rings[$post->id->value];
    }

    /** The roughest class of tape with which this list would still be enough; null where none is. */
    public function roughestTape(): ?TapeClass
    {
        $enough = array_filter($this->byTape, fn (Length $ring) => ! $ring->isLongerThan($this->plan->tolerances->squareness));
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
        return $network->of(self::readings($list, $tape), $network->stakes)->planned();
    }

    /**
     * @param  list<Wanted>  $list
     * @return list<Reading>
     */
    private static function readings(array $list, TapeClass $tape): array
    {
        return array_map(fn (Wanted $wanted) => $wanted->reading($tape), $list);
    }

    private static function moves(PlanNetwork $network, AdjustedNetwork $planned): MoveCovariance
    {
        $way = $network->plan->layout->placement;

        return MoveCovariance::ofNetwork($planned, $way, $way === PlacementWay::BaseLine ? $network->base : $network->stakes);
    }

    /** @param  list<Wanted>  $list */
    private function slipSeen(AdjustedNetwork $planned, array $list): Length
    {
        $beyond = NormalDistribution::critical(max(1, count($list))) + self::POWER;

        return Length::millimetres(max(0.0, ...array_map(fn (Wanted $wanted) => $beyond * $planned->solution->observation($wanted->key())->sigma / sqrt($planned->solution->redundancy($wanted->key())), $list)));
    }

    /**
     * Longest first, each left out for as long as the rest stays enough and every reading of it checked.
     *
     * @param  list<Wanted>  $list
     * @return list<Wanted>
     */
    private function spare(PlanNetwork $network, array $list): array
    {
        $spare = [];
        $candidates = $list;
        usort($candidates, fn (Wanted $one, Wanted $other) => [$one->isTape() ? 0 : 1, $other->planned()->nanometres] <=> [$other->isTape() ? 0 : 1, $one->planned()->nanometres]);
        foreach ($candidates as $candidate) {
            $without = array_values(array_filter($list, fn (Wanted $wanted) => $wanted !== $candidate));
            try {
                $planned = self::planned($network, $without, $this->plan->layout->tape);
            } catch (NotDetermined) {
                continue;
            }
            $checked = array_filter($without, fn (Wanted $wanted) => $planned->solution->redundancy($wanted->key()) < self::STILL_CHECKED) === [];
            if ($checked && ErrorEllipse::RING * self::moves($network, $planned)->largest() <= $this->plan->tolerances->squareness->inMillimetres()) {
                $spare[] = $candidate;
                $list = $without;
            }
        }

        return $spare;
    }
}
