<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Loads\LoadOnPost;
use Aequus\Footing\Loads\RoofOrFloor;
use Aequus\Footing\Loads\SidewaysLoad;
use Aequus\Footing\Loads\TributaryAreas;
use Aequus\Footing\Materials\Concrete;
use Aequus\Measure\Length;
use Aequus\Measure\LoadNotation;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Type\Say;
use App\View\QueryForm;

/** Loads asked in the address, worked through for every post. Nothing of it is stored. */
final readonly class LoadSheet
{
    private const HEAVIEST = 1000.0;

    /** Dead and live loads where nobody typed them, as the job writes them: of a roof, and of a floor that people stand on. */
    private const USUAL = ['lb/ft²' => [[10.0, 20.0], [10.0, 40.0]], 'kN/m²' => [[0.5, 1.0], [0.5, 2.0]]];

    private const BLOCK = 'holding.load_sheet.block';

    private const NO_PAD = 'holding.load_sheet.no_pad';

    private const DRIVEN = 'holding.load_sheet.driven';

    public LoadNotation $in;

    /** @var array{float, float} dead and live where the fields are empty, as the job writes them */
    public array $usual;

    public Soil $soil;

    /** An axis along which the beams run. */
    public Side $beams;

    public RoofOrFloor $carries;

    /** A roof over the floor; null where there is none. */
    public ?RoofOrFloor $above;

    /** lb from the side on each post, and how high above the ground. */
    public float $push;

    public Length $pushAt;

    public bool $held;

    /** Whether half an inch of movement at the ground does no harm: the soil then counts twice from the side. */
    public bool $mayMove;

    /** Whether the cover reaches over corners where no post stands. */
    public bool $cornersCovered;

    public bool $isFloor;

    /** lb/ft² */
    public float $suction;

    public TributaryAreas $areas;

    /** @var list<LoadOnPost> the heaviest first */
    public array $posts;

    /** The one that carries most. */
    public function heaviest(): LoadOnPost
    {
        return $this->posts[0];
    }

    /** Whether a post asks for a wider foot than its hole has. */
    public function isTooNarrowFor(LoadOnPost $one): bool
    {
        return $one->pad->roundDiameter->isLongerThan($this->site->plan->hole->footAsRound());
    }

    /** What the page says above all else. */
    public function title(): string
    {
        $words = array_map(fn (LoadOnPost $one) => $this->standing($one)[1], $this->posts);

        return match (true) {
            $this->heaviest()->pounds <= 0 => Say::text('holding.load_sheet.nothing_rests_on_these_posts'),
            $this->isTooNarrowFor($this->heaviest()) => Say::text('holding.load_sheet.the_hole_is_too_narrow'),
            in_array(Say::text(self::NO_PAD), $words, true) => Say::text('holding.load_sheet.nothing_under_the_posts_spreads'),
            in_array(Say::text(self::DRIVEN), $words, true) => Say::text('holding.load_sheet.what_driven_posts_carry_is'),
            in_array(Say::text(self::BLOCK), $words, true) => Say::text('holding.load_sheet.each_block_must_be_as'),
            default => Say::text('holding.load_sheet.the_pads_carry_what_stands'),
        };
    }

    /**
     * How one post stands to its load: a bought block is no wider than it is sold, and without a pad the foot alone presses on the ground.
     *
     * @return array{string, string} the shape of the state, and its word
     */
    public function standing(LoadOnPost $one): array
    {
        $hold = $this->site->plan->holdOf($one->post->id);
        $bed = $hold->hasPad() ? $this->site->plan->customs()->foot->under($hold) : FootBed::Pad;

        return match (true) {
            $one->needsEngineer() => ['out', 'engineer'],
            $this->isTooNarrowFor($one) => ['out', Say::text('holding.load_sheet.wider_pad')],
            $one->pounds <= 0 => ['fits', Say::text('holding.load_sheet.fits_the_hole')],
            ! $hold->isDug() => ['doubt', Say::text(self::DRIVEN)],
            $bed === FootBed::Block => ['to-pull', Say::text(self::BLOCK)],
            $bed !== FootBed::Pad => ['out', Say::text(self::NO_PAD)],
            default => ['fits', Say::text('holding.load_sheet.fits_the_hole')],
        };
    }

    /** Whether the push from the side asks for more depth than all other rules. */
    public function sidewaysIsDeepest(): bool
    {
        $needed = $this->site->footing->required($this->heaviest()->post)?->holeDepth();

        return $needed !== null && ($this->heaviest()->sideways?->depth()->isLongerThan($needed) ?? false);
    }

    /** A field for a load, in the job’s own unit. */
    public function field(string $name, string $what, string $hint = ''): mixed
    {
        return $this->sums->field($name, "{$what}, {$this->in->ofPressure()}", $hint);
    }

    public function __construct(public QueryForm $sums, private SiteState $site)
    {
        $plan = $site->plan;
        $this->soil = Soil::tryFrom($sums->typed('soil')) ?? $plan->holding->site->soil ?? Soil::Clay;
        $this->beams = $sums->typed('beams') === 'y' ? Side::PlusY : Side::PlusX;
        $this->in = new LoadNotation($plan->notation->unit);
        $this->isFloor = $plan->kind->carriesPeople();
        $this->usual = self::USUAL[$this->in->ofPressure()][$this->isFloor ? 1 : 0];
        $load = fn (string $field, float $usual): float => $this->in->readPressure(
            $sums->typed($field) === '' ? $usual : $sums->number($field, 0, self::HEAVIEST) ?? $usual,
        );
        $this->carries = new RoofOrFloor($load('dead', $this->usual[0]), $load('live', $this->usual[1]), $load('snow', 0));
        $this->above = $sums->typed('roof_dead').$sums->typed('roof_snow') === '' ? null : new RoofOrFloor(
            $load('roof_dead', 0), 0, $load('roof_snow', 0),
        );
        $this->push = $this->in->readForce($sums->number('push', 0, 20_000) ?? 0.0);
        $this->pushAt = ($sums->lengths(['push_at']) ?? [$plan->standing])[0];
        $this->held = $sums->ticked('held');
        $this->suction = $this->in->readPressure($sums->number('suction', 0, 200) ?? 0.0);
        $over = ($sums->lengths(['overhang']) ?? [Length::zero()])[0];
        $this->mayMove = $sums->ticked('may_move');
        $this->cornersCovered = $sums->typed('corners') !== 'open';
        $overhangs = array_fill_keys(array_map(fn (Side $side) => $side->value, Side::cases()), $over);
        $this->areas = $this->cornersCovered
            ? TributaryAreas::covering($plan->grid, $plan->post->thicker(), $this->beams, $overhangs)
            : TributaryAreas::cornersOpen($plan->grid, $plan->post->thicker(), $this->beams, $overhangs);
        $lateral = $this->soil->lateral() * ($this->mayMove ? 2 : 1);
        $sideways = match (true) {
            $this->push <= 0 => null,
            $this->held => SidewaysLoad::heldAtGrade($this->push, $this->pushAt, $plan->post, $lateral),
            default => SidewaysLoad::freeAtGrade($this->push, $this->pushAt, $plan->post, $lateral),
        };
        $tops = new PostTops($plan, $site->footing->needs);
        $posts = [];
        // Beams lie on the first grid; what further parts carry is not shared out.
        foreach ($plan->grid->atCrossings() as $post) {
            $required = $site->footing->required($post);
            $concrete = $required === null
                ? 0.0 : HoleWork::planned($plan, $plan->holdOf($post->id), $tops, $required)->concreteOnPost / Concrete::CUBIC_FOOT;
            $posts[] = new LoadOnPost(
                $post, $this->areas->areas[$post], $this->carries, $this->above, $this->soil, $sideways, $this->suction, $concrete,
            );
        }
        usort(
            $posts, fn (LoadOnPost $one, LoadOnPost $other) => $other->pounds <=> $one->pounds ?: strnatcmp($one->post->label, $other->post->label),
        );
        $this->posts = $posts;
    }
}
