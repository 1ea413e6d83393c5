<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Adjust\Network\NetworkRefusal;
use Aequus\Adjust\Placement\PlacementRefusal;
use Aequus\Bill\BillRefusal;
use Aequus\Cut\CutRefusal;
use Aequus\Days\DaysRefusal;
use Aequus\Fact\Fact;
use Aequus\Footing\Depths\FootingRefusal;
use Aequus\Footing\Holes\HoleEffect;
use Aequus\Footing\Holes\HoleRemedy;
use Aequus\Frame\FixingMisfit;
use Aequus\Frame\FrameNote;
use Aequus\Frame\FrameRefusal;
use Aequus\Guide\Move\Says;
use Aequus\Level\InstrumentUse;
use Aequus\Level\LevelRefusal;
use Aequus\Logbook\Kind\BookRefusal;
use Aequus\Logbook\Kind\EntryRefusal;
use Aequus\Logbook\Kind\PictureRefusal;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Measure\Edge;
use Aequus\Measure\Guess;
use Aequus\Measure\Length;
use Aequus\Measure\LengthRefusal;
use Aequus\Measure\Notation;
use Aequus\Measure\SlopeRefusal;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\FootingRuleRefusal;
use Aequus\Plan\Terms\PlanRefusal;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Set\PlumbRefusal;
use Aequus\Set\PourWork;
use Aequus\Site\RuleAsks;
use Aequus\Square\Network\SquareRefusal;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\SettingOut\BoardHindrance;
use Aequus\Stock\StockRefusal;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Terms\ThingRefusal;
use Aequus\Words\Adjust\NetworkRefusalWords;
use Aequus\Words\Adjust\PlacementRefusalWords;
use Aequus\Words\Bill\BillRefusalWords;
use Aequus\Words\Cut\CutRefusalWords;
use Aequus\Words\Days\DaysRefusalWords;
use Aequus\Words\Footing\FootingRefusalWords;
use Aequus\Words\Footing\HoleWords;
use Aequus\Words\Frame\FixingWords;
use Aequus\Words\Frame\FrameNoteWords;
use Aequus\Words\Frame\FrameRefusalWords;
use Aequus\Words\Guide\GuideWords;
use Aequus\Words\Level\InstrumentWords;
use Aequus\Words\Level\LevelRefusalWords;
use Aequus\Words\Logbook\BookRefusalWords;
use Aequus\Words\Logbook\CheckRouteWords;
use Aequus\Words\Logbook\EntryRefusalWords;
use Aequus\Words\Logbook\PictureRefusalWords;
use Aequus\Words\Measure\GuessWords;
use Aequus\Words\Measure\LengthRefusalWords;
use Aequus\Words\Measure\SlopeRefusalWords;
use Aequus\Words\Plan\FitWords;
use Aequus\Words\Plan\FootingRuleRefusalWords;
use Aequus\Words\Plan\HoldWords;
use Aequus\Words\Plan\PlanRefusalWords;
use Aequus\Words\Set\PlumbRefusalWords;
use Aequus\Words\Set\PourWords;
use Aequus\Words\Site\RuleWords;
use Aequus\Words\Square\BoardWords;
use Aequus\Words\Square\SquareRefusalWords;
use Aequus\Words\Square\WantedWords;
use Aequus\Words\Stock\StockRefusalWords;
use Aequus\Words\Thing\FigureWords;
use Aequus\Words\Thing\ThingRefusalWords;
use LogicException;
use OutOfBoundsException;
use Stringable;
use UnitEnum;

/**
 * Says a fact in the words and units of one job. A text has places for its parts: “{post}” is filled with the part of that name, “{count: 1 post|#
 * posts}” with the first words where it is one and else with the second, # standing for the number; “{each;}” is a list with semicolons, “{each,}”
 * one with commas alone, “{each|}” one that ends in “or”, “{each&}” one of clauses; “{^soil}” begins a sentence.
 */
final readonly class Speech
{
    private Notation $notation;

    /** Whether anybody said how a length is written. */
    private bool $writesLengths;

    private ?SideNames $sides;

    /**
     * @param  ?Plan  $plan  whose posts and sides are named; null before there is one
     * @param  ?PostId  $of  whose own sides are told; null for those of the job
     */
    public function __construct(private ?Plan $plan = null, ?Notation $notation = null, ?PostId $of = null)
    {
        $this->sides = $of === null ? $plan?->sides : $plan?->sidesOf($of);
        $this->notation = $plan->notation ?? $notation ?? Notation::feetInches(16);
        $this->writesLengths = $plan !== null || $notation !== null;
    }

    /** The same about one post, whose sides may have names of their own. */
    public function of(PostId $post): self
    {
        return new self($this->plan, $this->notation, $post);
    }

    public function say(?Fact ...$facts): Sentence
    {
        return Sentence::inARow(
            $this->notation, ...array_map(
                fn (Fact $fact) => $this->about($fact)->fill(self::text($fact->is), $fact->part(...)), array_values(array_filter($facts)),
            ),
        );
    }

    /** A fact about one post tells the sides of that post. */
    private function about(Fact $fact): self
    {
        $post = $fact->parts['post'] ?? null;

        return match (true) {
            $this->plan === null || $this->plan->parts === [] => $this,
            $post instanceof Post => $this->of($post->id),
            $post instanceof PostId => $this->of($post),
            default => $this,
        };
    }

    /** “A1, B1 and C1”; shifts, sides and lengths as well. */
    public function list(mixed ...$parts): Sentence
    {
        return new Sentence($this->listed(array_values($parts), ', ', Joining::LAST), $this->notation);
    }

    /** What a page says: a text with places, and what stands there. */
    public function page(string $text, mixed ...$parts): Sentence
    {
        return $this->fill($text, fn (string $name) => array_key_exists($name, $parts) ? $parts[$name]
            : throw new OutOfBoundsException("“{$text}” lacks its part “{$name}”."));
    }

    /** The text of a case, with places for its parts. */
    private static function text(UnitEnum $is): string
    {
        return match (true) {
            $is instanceof Says => GuideWords::of($is),
            $is instanceof Guess => GuessWords::asks($is),
            $is instanceof EntryRefusal => EntryRefusalWords::of($is),
            $is instanceof PlanRefusal => PlanRefusalWords::of($is),
            $is instanceof RuleAsks => RuleWords::of($is),
            $is instanceof BillRefusal => BillRefusalWords::of($is),
            $is instanceof FrameRefusal => FrameRefusalWords::of($is),
            $is instanceof FrameNote => FrameNoteWords::of($is),
            $is instanceof FixingMisfit => FixingWords::of($is),
            $is instanceof StockRefusal => StockRefusalWords::of($is),
            $is instanceof DaysRefusal => DaysRefusalWords::of($is),
            $is instanceof CutRefusal => CutRefusalWords::of($is),
            $is instanceof LevelRefusal => LevelRefusalWords::of($is),
            $is instanceof SquareRefusal => SquareRefusalWords::of($is),
            $is instanceof FootingRefusal => FootingRefusalWords::of($is),
            $is instanceof PlumbRefusal => PlumbRefusalWords::of($is),
            $is instanceof LengthRefusal => LengthRefusalWords::of($is),
            $is instanceof FootingRuleRefusal => FootingRuleRefusalWords::of($is),
            $is instanceof BookRefusal => BookRefusalWords::of($is),
            $is instanceof PictureRefusal => PictureRefusalWords::of($is),
            $is instanceof NetworkRefusal => NetworkRefusalWords::of($is),
            $is instanceof PlacementRefusal => PlacementRefusalWords::of($is),
            $is instanceof SlopeRefusal => SlopeRefusalWords::of($is),
            $is instanceof PourWork => PourWords::of($is),
            $is instanceof InstrumentUse => InstrumentWords::use($is),
            $is instanceof HoleRemedy => HoleWords::remedy($is),
            $is instanceof HoleEffect => HoleWords::effect($is),
            $is instanceof CheckRoute => CheckRouteWords::catches($is),
            $is instanceof BoardHindrance => BoardWords::hindered($is),
            $is instanceof Hold => HoldWords::fill($is),
            $is instanceof ThingRefusal => ThingRefusalWords::of($is),
            $is instanceof Figure => FigureWords::of($is),
            default => throw new LogicException('Nobody has words for '.$is::class.'.'),
        };
    }

    /** @param  callable(string): mixed  $of  the part of that name */
    private function fill(string $text, callable $of): Sentence
    {
        $pieces = [];
        foreach (Template::pieces($text) as $piece) {
            if (is_string($piece)) {
                $pieces[] = $piece;

                continue;
            }
            $part = $of($piece['name']);
            if ($piece['between'] === '' && $piece['counted'] === null && ! $piece['capital'] && (is_string($part) || $part instanceof Length)) {
                $pieces[] = $part instanceof Length ? $this->length($part) : $part;

                continue;
            }
            array_push($pieces, ...match (true) {
                $piece['counted'] !== null => [self::counted($piece['counted'], $part)],
                $piece['between'] === '|' && is_array($part) => $this->listed(array_values($part), ', ', Joining::LAST_OF_CHOICES),
                $piece['between'] === '&'
                    && is_array($part) => $this->listed(array_values($part), Joining::LAST_OF_CLAUSES, Joining::LAST_OF_CLAUSES),
                $piece['capital'] => (new Sentence($this->spoken($part), $this->notation))->capitalised()->pieces,
                $piece['between'] !== '' && is_array($part) => $this->listed(array_values($part), "{$piece['between']} ", "{$piece['between']} "),
                default => $this->spoken($part),
            });
        }

        return new Sentence($pieces, $this->notation);
    }

    private static function counted(string $words, mixed $part): string
    {
        $count = is_array($part) ? count($part) : $part;
        [$one, $many] = explode('|', $words);

        return is_int($count)
            ? str_replace('#', (string) $count, $count === 1 ? $one : $many) : throw new LogicException("“{$words}” has nothing to count.");
    }

    /** @return list<string|Length|Sentence> */
    private function spoken(mixed $part): array
    {
        return match (true) {
            $part === null => [],
            $part instanceof Length => [$this->length($part)],
            $part instanceof Sentence => $part->notation == $this->notation ? $part->pieces : [$part],
            $part instanceof Post => [$part->label],
            $part instanceof PostId => [$this->plan?->grid->find($part)->label ?? '?'],
            $part instanceof Side => [$this->sides?->nameOf($part) ?? $part->value],
            $part instanceof Shift => [$this->length($part->amount), Joining::TOWARD, ...$this->spoken($part->toward)],
            $part instanceof MustFit => [FitWords::name($part)],
            $part instanceof SiteObject => [$part->name],
            $part instanceof Fact => $this->say($part)->pieces,
            $part instanceof Wanted => [WantedWords::of($part)],
            $part instanceof Edge => [GuessWords::edge($part)],
            $part instanceof UnitEnum => [Names::of($part)],
            is_array($part) => $this->listed(array_values($part), ', ', Joining::LAST),
            is_float($part) => [rtrim(rtrim(number_format($part, 1, '.', ''), '0'), '.')],
            is_int($part), is_string($part), $part instanceof Stringable => [(string) $part],
            default => throw new LogicException('Nobody can say '.get_debug_type($part).'.'),
        };
    }

    /** @throws LogicException where neither a job nor a notation says how it is written */
    private function length(Length $length): Length
    {
        return $this->writesLengths ? $length : throw new LogicException('Nobody said how lengths are written here.');
    }

    /**
     * @param  list<mixed>  $parts
     * @return list<string|Length|Sentence>
     */
    private function listed(array $parts, string $between, string $last): array
    {
        $pieces = [];
        foreach ($parts as $i => $part) {
            $pieces = [...$pieces, ...($i === 0 ? [] : [$i === count($parts) - 1 ? $last : $between]), ...$this->spoken($part)];
        }

        return $pieces;
    }
}
