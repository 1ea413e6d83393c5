<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Holding\HoldAdviser;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Foam;
use Aequus\Footing\Materials\Gravel;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Custom;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\Material;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use Aequus\Words\Plan\HoldWords;
use App\Type\Say;
use App\View\QueryForm;

/**
 * What a site is like, ticked in the address or as it was decided, and the ways of holding posts ranked for it with what this job’s holes would take.
 */
final readonly class HoldForm
{
    /** What can be ticked of a site: the names of the fields. */
    private const TICKS = ['wood', 'no_brace', 'roof', 'hold_down', 'floor', 'water', 'repair', 'carried'];

    public HoldingSite $is;

    public HoldAdviser $adviser;

    /** What is decided; null until something is. */
    public ?Holding $decided;

    public function __construct(QueryForm $sums, private SiteState $site)
    {
        $this->decided = $site->plan->holding;
        $this->is = $sums->typed('soil') === '' && $this->decided !== null ? $this->decided->site
            : self::typed($sums, $site->plan->work->lasting->comesOut());
        $this->adviser = new HoldAdviser($this->is);
    }

    /**
     * The site as typed; where nobody has typed anything, wooden posts that nothing braces, in clay, and replaced where they shall come out one day.
     */
    private static function typed(QueryForm $sums, bool $comesOut): HoldingSite
    {
        if ($sums->typed('soil') === '') {
            return new HoldingSite(Soil::Clay, repair: $comesOut);
        }

        return new HoldingSite(
            Soil::tryFrom($sums->typed('soil'))
                ?? Soil::Clay, $sums->ticked('water'), $sums->ticked('roof'), $sums->ticked('wood'), $sums->ticked('no_brace'),
            $sums->ticked('repair'), $sums->ticked('carried'), array_values(
                array_filter(Hold::cases(), fn (Hold $hold) => $sums->ticked("ban_{$hold->value}")),
            ), $sums->ticked('hold_down'), $sums->ticked('floor'),
        );
    }

    /** @return array<string, string> what a link must ask for to have a site weighed */
    public static function address(HoldingSite $site): array
    {
        $bans = array_map(fn (Hold $hold) => "ban_{$hold->value}", $site->banned);

        return ['soil' => $site->soil->value] + array_fill_keys([...array_keys(array_filter(self::marks($site))), ...$bans], '1');
    }

    public function title(): string
    {
        $best = $this->adviser->ranked[0];

        return match (true) {
            $best->leads => Say::text('holding.hold.best_here', what: Names::of($best->hold)),
            $best->possible => Say::text('holding.hold.none_of_these_would_do'),
            default => Say::text('holding.hold.none_of_these_is_possible'),
        };
    }

    public function why(): string
    {
        $best = $this->adviser->ranked[0];

        return match (true) {
            $best->leads => Say::text('holding.hold.each_reason_below_counts_one', what: $best->for === []
                ? Say::text('holding.hold.least_speaks_against_it')
                : HoldWords::reason($best->for[0])),
            $best->possible => Say::text('holding.hold.change_what_the_site_is', what: HoldWords::reason($best->against[0])),
            default => Say::text('holding.hold.each_is_barred_or_would'),
        };
    }

    public function ticked(string $what): bool
    {
        return self::marks($this->is)[$what];
    }

    /** @return array<string, bool> by the name of the field */
    private static function marks(HoldingSite $site): array
    {
        return [
            'wood' => $site->wood, 'no_brace' => $site->noBrace, 'roof' => $site->roof, 'floor' => $site->floor, 'water' => $site->water,
            'repair' => $site->repair, 'carried' => $site->carried, 'hold_down' => $site->holdDown,
        ];
    }

    /** Labels of the posts held another way than the job’s. */
    public function posts(Hold $hold): string
    {
        $others = $this->decided->ofPosts ?? ByPost::none();

        return implode(
            ' ',
            array_map(
                fn (Post $post) => $post->label, array_filter($this->site->plan->grid->posts, fn (Post $post) => ($others[$post] ?? null) === $hold),
            ),
        );
    }

    /** The way the form begins with: as decided, else the one that leads here. */
    public function ofJob(): string
    {
        $best = $this->adviser->ranked[0];

        return $this->decided->ofJob->value ?? ($best->leads ? $best->hold->value : '');
    }

    public function custom(string $matter): Custom
    {
        return $this->site->plan->customs()->all()[$matter];
    }

    /** The temperature a cure is counted from as it was typed; empty where it is freezing. */
    public function cureDatum(): string
    {
        $datum = $this->decided?->customs->cureDatum;

        return $datum?->isTyped() === true ? $datum->temperature()->write($this->site->plan->notation->unit) : '';
    }

    /** What all holes of the job would take; empty before depths are known. */
    public function takes(Hold $hold): string
    {
        $work = $this->site->footing->work($this->site->walk(), $hold);
        $sum = fn (string $what): float => array_sum(array_map(fn (HoleWork $hole) => $hole->{$what}, $work));
        if ($work === [] || ! $hold->isDug()) {
            return '';
        }
        $in = $this->site->plan->notation->system();
        $concrete = $sum('concrete') / $in->perLittle;
        $blocks = count(array_filter($work, fn (HoleWork $hole) => $hole->standsOn(Material::Block)));
        $parts = [
            ...($concrete > 0 ? [Say::text('holding.hold.of_concrete', part: number_format($concrete, 0), little: $in->little)] : []),
            ...($blocks > 0 ? [Say::text('holding.hold_form.blocks', count: $blocks)] : []),
            ...($sum('gravel') > 0 ? [Say::text('holding.hold.t_of_gravel', tonnes: number_format(Gravel::tonnes($sum('gravel')), 1))] : []),
        ];
        if ($hold === Hold::Foam) {
            $pack = Foam::usualPack($in);
            $parts[] = Say::text('holding.hold.of_foam_each_until_your', plural: Say::text(
                'page.packs', count: array_sum(array_map(fn (HoleWork $hole) => Foam::packs($hole->foam), $work)),
            ), pack: $pack, little: $in->little);
        }
        if ($hold === Hold::Pier) {
            $parts[] = Say::text('holding.hold_form.tubes', count: count($work));
        }

        return implode(', ', $parts);
    }

    /** @return array<string, string> what can be ticked of a site, in words, by the name of its field */
    public function ticks(): array
    {
        return array_combine(self::TICKS, array_map(fn (string $tick) => Say::text("holding.hold_form.tick_{$tick}"), self::TICKS));
    }
}
