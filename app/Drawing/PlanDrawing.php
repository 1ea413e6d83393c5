<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Clear\Conflict;
use Aequus\Cut\TopNetwork;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Scope;
use Aequus\Level\CutAndFill;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use App\Drawing\Drawn\DrawnBand;
use App\Drawing\Drawn\DrawnFixed;
use App\Drawing\Drawn\DrawnLine;
use App\Drawing\Drawn\DrawnPost;
use App\Drawing\Drawn\Frame;
use App\Type\Say;
use App\Type\Typeset;

/** The plan seen from above, with what one phase wants to see on it. */
final readonly class PlanDrawing
{
    /** How long the longest of enlarged leans is drawn. */
    private const LONGEST_LEAN = 42.0;

    /** Shapes that the legend of standing posts explains, in its order. */
    private const OF_SET = ['planned', 'dug', 'short', 'set', 'plumb', 'leaning', 'cut'];

    /** Length of the arrow that shows where the ground falls to. */
    private const ARROW = 64.0;

    /** How far beside a row or a single post that arrow stands. */
    private const BESIDE = 44.0;

    public Frame $frame;

    public float $postWidth;

    public float $postDepth;

    public float $holeRadius;

    /** @var list<DrawnLine> */
    public array $strings;

    /** @var list<DrawnFixed> what will not move */
    public array $fixed;

    /** @var list<Point> crossings without a post */
    public array $leftOut;

    /**
     * @param  list<DrawnPost>  $posts
     * @param  list<DrawnBand>  $bands
     * @param  array<string, string>  $legend  what the shapes that occur stand for
     * @param  list<DrawnLine>  $over  what is drawn over the posts
     * @param  int  $enlarged  so many times those lines are as long as on site
     */
    private function __construct(
        public Plan $plan,
        public array $posts,
        public array $bands = [],
        public array $legend = [],
        public array $over = [],
        public int $enlarged = 1,
    ) {
        $this->frame = $frame = new Frame($plan);
        $this->postWidth = max(9.0, $frame->size($plan->post->b));
        $this->postDepth = max(9.0, $frame->size($plan->post->d));
        $this->holeRadius = max(12.0, $frame->size($plan->hole->width->half()));
        $strings = [];
        [$right, $top, $over] = [$plan->grid->columns->length(), $plan->grid->rows->length(), 26];
        foreach ($plan->grid->strung(Side::PlusY) as $line) {
            $strings[] = new DrawnLine(
                $frame->x($line->at), $frame->y(Length::zero()) + $over, $frame->x($line->at), $frame->y($top) - $over, 'string',
            );
        }
        foreach ($plan->grid->strung(Side::PlusX) as $line) {
            $strings[] = new DrawnLine(
                $frame->x(Length::zero()) - $over, $frame->y($line->at), $frame->x($right) + $over, $frame->y($line->at), 'string',
            );
        }
        $this->strings = [...$strings, ...DrawnLine::ofParts($plan, $frame)];
        $this->fixed = DrawnFixed::all($plan, $frame);
        $this->leftOut = array_map(fn (Post $post) => $post->at, $plan->grid->leftOut());
    }

    public static function ofPlan(Plan $plan): self
    {
        return new self($plan, self::posts($plan, null, fn () => ['planned', Say::text('drawing.plan_drawing.planned'), '']));
    }

    public static function clear(SiteState $site): self
    {
        $conflicts = ByPost::indexed($site->clear->conflicts, fn (Conflict $conflict) => $conflict->post);
        $posts = self::posts($site->plan, self::nextIn($site, Phase::Clear), fn (Post $post) => isset($conflicts[$post])
            ? ['short', Say::text('drawing.plan_drawing.hole_inside_the_no_dig', name: $conflicts[$post]->service->name), '']
            : ['planned', Say::text('drawing.plan_drawing.clear_of_every_known_line'), '']);

        return new self(
            $site->plan, $posts, bands: NoDigBands::of($site),
            legend: ['planned' => Say::text('drawing.plan_drawing.clear'), 'short' => Say::text('drawing.plan_drawing.inside_a_no_dig_band')],
        );
    }

    /** Heights, or what is to be cut and filled where a grade is asked; where the ground falls to. */
    public static function ground(SiteState $site, ?CutAndFill $work = null): self
    {
        $posts = self::posts($site->plan, self::nextIn($site, Phase::Level), function (Post $post) use ($site, $work): array {
            $height = $site->level->groundAt($post);
            $moved = $work->heights[$post] ?? null;
            if ($moved !== null) {
                if ($site->plan->notation->round($moved)->isZero()) {
                    return ['staked', Say::text('drawing.plan_drawing.on_grade'), Say::text('drawing.plan_drawing.on_grade')];
                }
                $do = Say::text($moved->isNegative() ? 'drawing.plan_drawing.fill' : 'drawing.plan_drawing.cut');

                return [
                    'staked', "{$do} {$site->plan->write($moved->magnitude())}", $do.' '.Typeset::svg($site->plan->notation, $moved->magnitude()),
                ];
            }
            $rank = match ($post) {
                $site->level->high => Say::text(
                    'drawing.plan_drawing.high',
                ), $site->level->low => Say::text('drawing.plan_drawing.low'), default => ''
            };

            return $height === null
                ? ['planned', Say::text('drawing.plan_drawing.ground_not_read'), '']
                : [
                    'staked', Say::text('drawing.plan_drawing.ground_at', height: $site->plan->write($height), rank: $rank),
                    Typeset::svg($site->plan->notation, $height).$rank,
                ];
        });

        return new self(
            $site->plan, $posts,
            legend: ['staked' => Say::text('drawing.plan_drawing.ground_read'), 'planned' => Say::text('drawing.plan_drawing.still_to_read')],
            over: self::fall($site),
        );
    }

    /** @return list<DrawnLine> an arrow downhill, in the middle of a bay near the middle; none while no fall is known */
    private static function fall(SiteState $site): array
    {
        $plane = $site->level->plane;
        if ($plane === null || $plane->direction === null) {
            return [];
        }
        $frame = new Frame($site->plan);
        [$columns, $rows] = [$site->plan->grid->columns->lines, $site->plan->grid->rows->lines];
        [$i, $j] = [intdiv(count($columns) - 1, 2), intdiv(count($rows) - 1, 2)];
        $x = isset($columns[$i + 1]) ? ($frame->x($columns[$i]->at) + $frame->x($columns[$i + 1]->at)) / 2
            : $frame->x($columns[$i]->at) - self::BESIDE;
        $y = isset($rows[$j + 1]) ? ($frame->y($rows[$j]->at) + $frame->y($rows[$j + 1]->at)) / 2 : $frame->y($rows[$j]->at) - self::BESIDE;
        [$dx, $dy] = [cos($plane->direction) * self::ARROW / 2, sin($plane->direction) * self::ARROW / 2];
        [$run, $over] = [$site->plan->notation->system()->run, $site->plan->notation->system()->roundly($site->plan->notation->system()->run)];

        return [
            new DrawnLine(
                $x - $dx, $y + $dy, round($x + $dx, 1), round($y - $dy, 1), 'fall',
                Say::text('drawing.plan_drawing.in', svg: Typeset::svg($site->plan->notation, $plane->fall->over($run)), over: $over),
            ),
        ];
    }

    /** Holes dug, short and to dig, and what they met; those beside a finding are told. */
    public static function holes(SiteState $site): self
    {
        $posts = self::posts($site->plan, self::nextIn($site, Phase::Footing), function (Post $post) use ($site): array {
            $hole = $site->footing->asDug($post);
            $beside = $hole !== null ? [] : array_map(fn (HoleAsDug $met) => Say::text(
                'drawing.plan_drawing.beside_it_met', label: $met->required->post->label, what: Names::of($met->found),
            ), $site->footing->foundBeside($post, $site->plan->grid->posts));

            return match (true) {
                $hole === null => [
                    'planned', implode(', ', [Say::text('page.to_dig'), ...$beside]),
                    $beside === [] ? '' : Say::text('drawing.plan_drawing.look_out'),
                ],
                default => [
                    $hole->serves() ? 'dug' : 'short',
                    ($hole->serves() ? Say::text('page.deep_enough')
                        : Say::text('drawing.plan_drawing.short_by', short_by: $site->plan->write($hole->shortBy))).($hole->found === null
                            ? '' : Say::text('drawing.plan_drawing.met', what: Names::of($hole->found))),
                    Names::of($hole->found),
                ],
            };
        });

        return new self(
            $site->plan, $posts, legend: [
                'planned' => Say::text('page.to_dig'), 'dug' => Say::text('page.deep_enough'), 'short' => Say::text('drawing.plan_drawing.short'),
            ],
        );
    }

    public static function set(SiteState $site): self
    {
        $posts = self::posts($site->plan, self::nextIn($site, Phase::Set), function (Post $post) use ($site): array {
            $stands = $site->standing($post);
            $hole = $site->footing->asDug($post);

            return match (true) {
                $site->cut->isCut($post) => ['cut', Say::text('page.cut_word'), ''],
                $stands->set && ! $stands->lean->isUnread() && $stands->isOut() => [
                    'leaning', Say::text('drawing.plan_drawing.set_top_out_by', out_of_plumb: $site->plan->write($stands->outOfPlumb())),
                    Typeset::svg($site->plan->notation, $stands->outOfPlumb()),
                ],
                $stands->isProvedPlumb() && $stands->set => ['plumb', Say::text('drawing.plan_drawing.set_plumb'), ''],
                $stands->set => ['set', Say::text('drawing.plan_drawing.set_plumb_not_proved'), ''],
                $hole !== null && ! $hole->serves() => [
                    'short', Say::text('drawing.plan_drawing.hole_short_by', short_by: $site->plan->write($hole->shortBy)), '',
                ],
                $hole !== null => ['dug', Say::text('drawing.plan_drawing.hole_deep_enough'), ''],
                default => [
                    'planned', Say::text('drawing.plan_drawing.'.($site->footing->measured($post) === null ? 'not_dug' : 'dug_not_judged_yet')), '',
                ],
            };
        });
        $shapes = array_values(array_intersect(self::OF_SET, array_map(fn (DrawnPost $post) => $post->shape, $posts)));
        $legend = array_combine($shapes, array_map(fn (string $shape) => Say::text("drawing.set_legend.{$shape}"), $shapes));

        return new self($site->plan, $posts, legend: $legend);
    }

    /** Where the tops stand off their places, enlarged, and the diagonal that a strap pulls. */
    public static function tops(SiteState $site, TopNetwork $tops): self
    {
        $frame = new Frame($site->plan);
        $off = ByPost::each($site->plan->grid->posts, fn (Post $post) => $tops->tops[$post->id->value]->minus($post->at->inMillimetres()));
        $furthest = max(0.1, ...$off->map(fn (Vector $by) => $by->length())->all());
        $perMillimetre = $frame->size(Length::millimetres(1000)) / 1000;
        $times = max(1, (int) floor(self::LONGEST_LEAN / ($furthest * $perMillimetre)));
        $lines = [];
        foreach ($site->plan->grid->posts as $post) {
            [$x, $y] = [$frame->x($post->at->x), $frame->y($post->at->y)];
            $by = $off[$post]->times($times * $perMillimetre);
            $lines[] = new DrawnLine($x, $y, round($x + $by->x, 1), round($y - $by->y, 1), 'leans');
        }
        if ($tops->strap !== null) {
            [$a, $b, $c, $d] = array_map(fn (Post $post): array => [$frame->x($post->at->x), $frame->y($post->at->y)], $site->plan->corners());
            $lines[] = $tops->strap->alongAc ? new DrawnLine($a[0], $a[1], $c[0], $c[1], 'strap')
                : new DrawnLine($b[0], $b[1], $d[0], $d[1], 'strap');
        }
        $isOut = fn (Post $post): bool => in_array($post->id->value, $tops->out, true);
        $posts = self::posts(
            $site->plan, null,
            fn (Post $post) => [
                $isOut($post) ? 'leaning' : 'plumb',
                ($isOut($post) ? Say::text('drawing.plan_drawing.out_by') : Say::text('drawing.plan_drawing.square_within')).$site->plan->write(
                    $by = Length::millimetres($off[$post]->length()),
                ),
                $isOut($post) ? Typeset::svg($site->plan->notation, $by) : '',
            ],
        );

        return new self(
            $site->plan, $posts, legend: ['plumb' => Say::text('page.square'), 'leaning' => Say::text('page.out')], over: $lines, enlarged: $times,
        );
    }

    /** The job's next move, where it is in the phase that is drawn. */
    private static function nextIn(SiteState $site, Phase $phase): ?Move
    {
        $next = Guide::next($site, Scope::job());

        return $next?->phase === $phase ? $next : null;
    }

    /**
     * @param  callable(Post): array{string, string, string}  $look  shape, words, note
     * @return list<DrawnPost>
     */
    private static function posts(Plan $plan, ?Move $next, callable $look): array
    {
        $frame = new Frame($plan);

        return array_map(function (Post $post) use ($frame, $next, $look): DrawnPost {
            [$shape, $words, $note] = $look($post);

            return new DrawnPost($post, $frame->x($post->at->x), $frame->y($post->at->y), $shape, $words, $note, $next?->isAbout($post) ?? false);
        }, $plan->grid->posts);
    }
}
