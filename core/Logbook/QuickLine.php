<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Temperature;
use Aequus\Measure\Unit;
use Aequus\Measure\UnreadableLength;
use Aequus\Plan\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\PlanRefused;
use Aequus\Plan\PostFeature;
use Aequus\Plan\PostId;
use Closure;

/**
 * One line that takes any entry for any post or pair, as it would be called across a yard: “b2 hole 41 1/2”, “c3 plumb 1/8 east over 4'”,
 * “a1-c3 36' 10 1/4”, “d4 rock 27 1/2”. First whom it is about, then what, then the figures.
 */
final readonly class QuickLine
{
    /** @var array<string, string> what a line may say, and an example of it */
    private const GRAMMAR = [
        'tape between two stakes' => 'a1-c3 36\' 10 1/4',
        'tops or ground of two posts' => 'a1-b1 top 8\' 0 1/8',
        'stake off a string' => 'b2 off a2-c2 3/16 lane',
        'stake off the line that will not move' => "b2 line 12' 3",
        'off its mark, as cast' => 'b2 cast 1/4 east and 1/8 lane',
        'hole' => 'b2 hole 41 1/2, or b2 hole 41 1/2 wide 19',
        'hole that met something' => 'd4 rock 27 1/2',
        'rod' => "b2 rod 4' 3, or bench rod 4' 3, or b2 seat rod 1' 7 from 2",
        'one higher than another' => "a1-b1 board 3/8 up over 8', or a1-b1 water 3/8 down, or a1-c1 string level over 40'",
        'lean' => "c3 plumb 1/8 east over 4', or c3 plumb on the lane face, or c3 bob 1/4 east over 7', or c3 bubble on the line east",
        'twist' => 'c3 twist 1/4 over 6',
        'seen to' => 'b2 ready foot, or ready weather',
        'post' => 'b2 set, b2 cut, b2 moved',
        'fill' => 'b2 begun, b2 filled 11 bags at 54 F, b2 wet, b2 stripped',
        'top' => 'b2 top 3\' 2 above the line',
        'decision' => 'b2 take the lean because a screen hides it, or take the layout because it is a fence',
        'words' => 'b2 note split at the foot, or note rain from noon',
        'strike' => 'strike 12 because read from the wrong nail',
    ];

    /** The figures of the examples for those who think in millimetres. */
    private const METRIC = [
        "36' 10 1/4" => '11230', "8' 0 1/8" => '2440', '41 1/2' => '1050', '27 1/2' => '700', "4' 3" => '1295', "1' 7" => '485', "12' 3" => '3730', '3/16 lane' => '5 lane', '1/4 east and 1/8 lane' => '6 east and 3 lane',
        "3/8 up over 8'" => '9 up over 2400', '3/8 down' => '9 down', "level over 40'" => 'level over 12 m', "1/8 east over 4'" => '3 east over 1200', "1/4 east over 7'" => '6 east over 2100', '1/4 over 6' => '6 over 140', "3' 2" => '965', 'wide 19' => 'wide 480', 'at 54 F' => 'at 12 C',
    ];

    /** What most often follows a post. */
    private const VERBS = ['hole', 'rock', 'rod', 'plumb', 'set', 'ready', 'filled', 'top', 'cut', 'note'];

    /** Words that say nothing without what follows them. */
    private const UNFINISHED = ['hole', 'rod', 'off', 'line', 'cast', 'plumb', 'bob', 'bubble', 'twist', 'ready', 'top'];

    /** Words after which nothing may stand. */
    private const WHOLE = ['set', 'cut', 'moved', 'begun', 'wet', 'stripped'];

    private const OTHER_VERBS = ['roots', 'water', 'off', 'cast', 'bob', 'bubble', 'twist', 'moved', 'begun', 'wet', 'stripped'];

    private SpokenPieces $pieces;

    /**
     * @param  Closure(PostId): Stage  $stageOf  at which stage a post would be read for plumb now
     * @param  TapeClass  $tape  taken where a line names none
     */
    public function __construct(private Plan $plan, private Closure $stageOf, private TapeClass $tape)
    {
        $this->pieces = new SpokenPieces($plan);
    }

    /** @return array<string, string> what a line of this job may say, and an example of it with its own sides and units */
    public function examples(): array
    {
        $figures = $this->plan->notation->unit === Unit::Millimetre ? self::METRIC : [];
        $sides = ['east' => $this->plan->sides->plusX, 'lane' => $this->plan->sides->minusY];
        $known = array_filter(self::GRAMMAR, fn (string $example) => $this->plan->fixedLines() !== [] || ! str_contains($example, ' line 12'));

        return array_map(fn (string $example): string => strtr(strtr($example, $figures), $sides), $known);
    }

    /** @return array<string, string> what could stand next in a line that is not whole yet, and the line with it; none where only a figure can, or nothing */
    public function couldFollow(string $line): array
    {
        $label = SpokenPieces::LABEL;
        if (preg_match("/^({$label}) ([a-z]+)$/i", $line, $begun) && ! in_array(strtolower($begun[2]), [...self::VERBS, ...self::OTHER_VERBS], true)) {
            $meant = array_values(array_filter([...self::VERBS, ...self::OTHER_VERBS], fn (string $verb) => str_starts_with($verb, strtolower($begun[2]))));

            return array_combine($meant, array_map(fn (string $verb) => "{$begun[1]} {$verb}", $meant));
        }
        $words = match (1) {
            preg_match("/^{$label}$/i", $line) => self::VERBS,
            preg_match("/^(?:{$label} )?ready$/i", $line) => array_column(ReadyItem::cases(), 'value'),
            preg_match("/^{$label} bubble$/i", $line) => ['half-way', 'on the line', 'beyond'],
            preg_match("/^{$label} (?:(?:plumb|bob|cast|off {$label} ?- ?{$label}) [^a-z]+|bubble (?:half-way|on the line|beyond))$/i", $line) => $this->pieces->sideNames(),
            default => [],
        };

        return array_combine($words, array_map(fn (string $word) => "{$line} {$word}", $words));
    }

    /**
     * @throws EntryRefused saying which piece was not understood, and what could stand there
     * @throws PlanRefused when no post has that label
     * @throws UnreadableLength naming the piece of a length
     */
    public function read(string $line): Payload
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', strtr($line, ['–' => '-', '’' => "'", '″' => '"', '′' => "'"])));
        $label = SpokenPieces::LABEL;

        return match (true) {
            $line === '' => throw EntryRefused::lineEmpty(),
            (bool) preg_match('/^note\b\s*(.*)$/iu', $line, $said) => new Remark(null, $said[1]),
            (bool) preg_match('/^strike (\d{1,9})(?: because (.*))?$/iu', $line, $said) => new Strike((int) $said[1], $said[2] ?? ''),
            (bool) preg_match('/^bench(?:mark)? rod (.+)$/iu', $line, $said) => $this->rod(LevelPoint::benchmark(), $said[1]),
            (bool) preg_match('/^ready (.+)$/iu', $line, $said) => $this->seen(null, $said[1]),
            (bool) preg_match("/^({$label}|bench) ?- ?({$label}|bench) (.+)$/iu", $line, $said) => (new SpokenPair($this->pieces, $this->tape))->read($said[1], $said[2], $said[3]),
            (bool) preg_match("/^({$label})(?: (.*))?$/iu", $line, $said) => $this->about($this->pieces->post($said[1]), $said[2] ?? '', strtoupper($said[1])),
            default => $this->decision(null, $line) ?? throw EntryRefused::lineWithoutPost($line),
        };
    }

    private function about(PostId $post, string $said, string $label): Payload
    {
        [$verb, $rest] = array_pad(explode(' ', $said, 2), 2, '');
        $finding = $this->finding($said);
        if ($finding !== null) {
            return new HoleDug($post, $this->pieces->length(preg_replace('/^at /i', '', $finding[1]) ?? ''), null, $finding[0]);
        }
        if (preg_match('/^('.implode('|', array_map(fn (PostFeature $feature) => $feature->inWords(), PostFeature::cases())).') rod (.+)$/i', $said, $found)) {
            return $this->rod(LevelPoint::of($post, $this->feature($found[1])), $found[2]);
        }

        if ($rest === '' && in_array(strtolower($verb), self::UNFINISHED, true)) {
            throw EntryRefused::lineUnfinished("{$label} {$verb}", $this->exampleOf(strtolower($verb)));
        }

        if ($rest !== '' && in_array(strtolower($verb), self::WHOLE, true)) {
            throw EntryRefused::lineTooLong("{$label} {$verb}", $rest);
        }

        return match (strtolower($verb)) {
            'hole' => $this->hole($post, $rest),
            'rod' => $this->rod(LevelPoint::of($post), $rest),
            'off' => $this->offString($post, $rest),
            'line' => $this->offLine($post, $label, $rest),
            'cast' => $this->cast($post, $rest),
            'plumb', 'bob', 'bubble' => (new SpokenLean($this->pieces))->read($post, strtolower($verb), $rest, ($this->stageOf)($post)),
            'twist' => $this->twist($post, $rest),
            'ready' => $this->seen($post, $rest),
            'set' => new PostSet($post),
            'cut' => new PostCut($post),
            'moved' => new StakeMoved($post),
            'begun' => new PostFilled($post, FillStep::Started),
            'filled' => $this->filled($post, $rest),
            'wet' => new PostFilled($post, FillStep::StillWet),
            'stripped' => new PostFilled($post, FillStep::Stripped),
            'top' => new TopMeasured($post, $this->pieces->length(preg_replace('/ above the line$/i', '', $rest) ?? '')),
            'note' => new Remark($post, $rest),
            default => $this->decision($post, $said) ?? throw EntryRefused::lineVerb($label, $said),
        };
    }

    private function exampleOf(string $verb): string
    {
        foreach ($this->examples() as $examples) {
            foreach (preg_split('/, (?:or )?/', $examples) ?: [] as $example) {
                if (preg_match('/^'.SpokenPieces::LABEL." {$verb} /i", $example)) {
                    return $example;
                }
            }
        }

        return $this->examples()['hole'];
    }

    private function hole(PostId $post, string $said): HoleDug
    {
        [$depth, $wide] = array_pad(preg_split('/ wide /i', $said) ?: [], 2, null);

        return new HoleDug($post, $this->pieces->length($depth ?? ''), $wide === null ? null : $this->pieces->length($wide));
    }

    /** “4' 3”, “4' 3 from 2”, “4' 3 from 2 at 60'”: what it reads, from which set-up, how far from the instrument. */
    private function rod(LevelPoint $on, string $said): RodReading
    {
        preg_match("/^(.+?)(?: from (?:set-up )?(\S+))?(?: at (.+))?$/iu", $said, $found);

        return new RodReading($on, $this->pieces->length($found[1] ?? ''), $found[2] ?? '', ($found[3] ?? '') === '' ? null : $this->pieces->length($found[3]));
    }

    /** “a2-c2 3/16 lane”, or “a2-c2 0” for one that touches. */
    private function offString(PostId $post, string $said): StringReading
    {
        $label = SpokenPieces::LABEL;
        if (! preg_match("/^({$label}) ?- ?({$label}) (.+)$/iu", $said, $found)) {
            throw EntryRefused::lineOffString($this->pieces->sideNames());
        }
        [$from, $to] = [$this->plan->grid->labelled($found[1]), $this->plan->grid->labelled($found[2])];
        if (trim($found[3]) === '0') {
            return new StringReading($post, $from->id, $to->id, Length::zero(), Length::zero());
        }
        [$much, $toward] = $this->pieces->toward($found[3]);

        return new StringReading($post, $from->id, $to->id, $this->pieces->length($much)->times($toward->leftOf($from->at, $to->at) ?: throw EntryRefused::sideAlongTheString()), Length::zero());
    }

    /** “12' 3”, or “barn wall 12' 3” where the plan has more than one line. */
    private function offLine(PostId $post, string $label, string $said): LineReading
    {
        $lines = $this->plan->fixedLines();
        foreach ($lines as $line) {
            if (str_starts_with(mb_strtolower($said), mb_strtolower($line->name).' ')) {
                [$lines, $said] = [[$line], trim(mb_substr($said, mb_strlen($line->name)))];
            }
        }
        if (count($lines) !== 1) {
            throw $lines === [] ? EntryRefused::noLineInThePlan() : EntryRefused::whichLine(array_map(fn (FixedLine $line) => $line->name, $lines));
        }

        return new LineReading($post, $lines[0]->offAsPlanned($this->plan->grid->labelled($label)->at, $this->pieces->length($said)), $lines[0]->id, $this->tape);
    }

    /** “1/4 east and 1/8 lane”: off its mark, one way or both. */
    private function cast(PostId $post, string $said): AsCast
    {
        $off = [Length::zero(), Length::zero()];
        foreach (preg_split('/ and |, /i', $said) ?: [] as $piece) {
            [$much, $toward] = $this->pieces->toward($piece);
            $axis = $toward->isAlongX() ? 0 : 1;
            if (! $off[$axis]->isZero()) {
                throw EntryRefused::lineTwiceOneWay($said);
            }
            $off[$axis] = $this->pieces->length($much)->times($toward->sign());
        }

        return new AsCast($post, $off[0], $off[1]);
    }

    private function twist(PostId $post, string $said): TwistRead
    {
        [$gap, $over] = array_pad(preg_split('/ over /i', $said) ?: [], 2, '');

        return new TwistRead($post, $this->pieces->length($gap ?? ''), $this->pieces->length($over ?? ''));
    }

    private function seen(?PostId $post, string $said): SeenReady
    {
        return new SeenReady(ReadyItem::tryFrom(strtolower($said)) ?? throw EntryRefused::lineReady($said), $post);
    }

    private function filled(PostId $post, string $said): PostFilled
    {
        if (! preg_match('/^(?:([0-9]{1,3}) bags?)? ?(?:at (.+))?$/iu', $said, $found)) {
            throw EntryRefused::lineFilled($said);
        }
        $at = ($found[2] ?? '') === '' ? null : Temperature::read($found[2], $this->plan->notation->unit) ?? throw EntryRefused::lineFilled($said);

        return new PostFilled($post, FillStep::Done, ($found[1] ?? '') === '' ? null : (int) $found[1], $at?->celsius);
    }

    /** “take the lean because …”: as many words as tell one decision from all others. */
    private function decision(?PostId $post, string $said): ?Decision
    {
        if (! preg_match('/^(.+?)(?: because (.*))?$/iu', $said, $found)) {
            return null;
        }
        $meant = array_values(array_filter(DecisionAbout::cases(), fn (DecisionAbout $about) => str_starts_with(mb_strtolower($about->inWords()), mb_strtolower($found[1]))));

        return count($meant) === 1 ? new Decision($meant[0], $post, $found[2] ?? '') : null;
    }

    /** @return ?array{Finding, string} and what follows it */
    private function finding(string $said): ?array
    {
        foreach (Finding::cases() as $finding) {
            if (str_starts_with(mb_strtolower($said), $finding->inWords().' ')) {
                return [$finding, substr($said, strlen($finding->inWords()) + 1)];
            }
        }

        return null;
    }

    private function feature(string $said): PostFeature
    {
        return array_values(array_filter(PostFeature::cases(), fn (PostFeature $feature) => $feature->inWords() === strtolower($said)))[0] ?? PostFeature::Ground;
    }
}
