<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\LengthReader;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Unit;
use Aequus\Measure\UnreadableLength;
use Aequus\Plan\Plan;
use Aequus\Plan\PlanRefused;
use Aequus\Plan\PostId;
use Aequus\Plan\Side;
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
        'hole' => 'b2 hole 41 1/2, or b2 hole 41 1/2 wide 19',
        'hole that met something' => 'd4 rock 27 1/2',
        'rod' => 'b2 rod 4\' 3, or bench rod 4\' 3',
        'lean' => 'c3 plumb 1/8 east over 4\', or c3 plumb on the lane face',
        'twist' => 'c3 twist 1/4 over 6',
        'post' => 'b2 set, b2 cut, b2 moved',
        'fill' => 'b2 filled 11 bags at 12 C, b2 wet, b2 stripped',
        'top' => 'b2 top 3\' 2 above the line',
        'words' => 'b2 note split at the foot, or note rain from noon',
    ];

    /** The figures of the examples for those who think in millimetres. */
    private const METRIC = [
        "36' 10 1/4" => '11230', "8' 0 1/8" => '2440', '41 1/2' => '1050', '27 1/2' => '700', "4' 3" => '1295', "1/8 east over 4'" => '3 east over 1200', '1/4 over 6' => '6 over 140', "3' 2" => '965', 'wide 19' => 'wide 480',
    ];

    /**
     * @param  Closure(PostId): Stage  $stageOf  at which stage a post would be read for plumb now
     * @param  TapeClass  $tape  taken where a line names none
     */
    public function __construct(private Plan $plan, private Closure $stageOf, private TapeClass $tape)
    {
    }

    /** @return array<string, string> what a line of this job may say, and an example of it with its own sides and units */
    public function examples(): array
    {
        $figures = $this->plan->notation->unit === Unit::Millimetre ? self::METRIC : [];

        return array_map(fn (string $example): string => strtr(strtr($example, $figures), ['east' => $this->plan->sides->plusX, 'lane' => $this->plan->sides->minusY]), self::GRAMMAR);
    }

    /**
     * @throws EntryRefused saying which piece was not understood, and what could stand there
     * @throws PlanRefused when no post has that label
     * @throws UnreadableLength naming the piece of a length
     */
    public function read(string $line): Payload
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', strtr($line, ['–' => '-', '’' => "'", '″' => '"', '′' => "'"])));
        if ($line === '') {
            throw EntryRefused::lineEmpty();
        }
        if (preg_match('/^note\b\s*(.*)$/iu', $line, $said)) {
            return new Remark(null, $said[1]);
        }
        if (preg_match('/^bench(?:mark)? rod (.+)$/iu', $line, $said)) {
            return new RodReading(null, $this->length($said[1]));
        }
        if (preg_match('/^([a-z]{1,2}\d{1,3}) ?- ?([a-z]{1,2}\d{1,3}) (?:(tops?|ground) )?(.+)$/iu', $line, $said)) {
            [$from, $to, $distance] = [$this->post($said[1]), $this->post($said[2]), $this->length($said[4])];

            return $said[3] === ''
                ? new TapeReading($from, $to, $distance, $this->tape)
                : new SpacingRead($from, $to, strtolower($said[3]) === 'ground' ? SpacingAt::Ground : SpacingAt::Top, $distance);
        }
        if (! preg_match('/^([a-z]{1,2}\d{1,3})(?: (.*))?$/iu', $line, $said)) {
            throw EntryRefused::lineWithoutPost($line);
        }

        return $this->about($this->post($said[1]), $said[2] ?? '', strtoupper($said[1]));
    }

    private function about(PostId $post, string $said, string $label): Payload
    {
        [$verb, $rest] = array_pad(explode(' ', $said, 2), 2, '');
        $finding = $this->finding($said);
        if ($finding !== null) {
            return new HoleDug($post, $this->length(preg_replace('/^at /i', '', $finding[1]) ?? ''), null, $finding[0]);
        }

        return match (strtolower($verb)) {
            'hole' => $this->hole($post, $rest),
            'rod' => new RodReading($post, $this->length($rest)),
            'plumb' => $this->plumb($post, $rest),
            'twist' => $this->twist($post, $rest),
            'set' => new PostSet($post),
            'cut' => new PostCut($post),
            'moved' => new StakeMoved($post),
            'begun' => new PostFilled($post, FillStep::Started),
            'filled' => $this->filled($post, $rest),
            'wet' => new PostFilled($post, FillStep::StillWet),
            'stripped' => new PostFilled($post, FillStep::Stripped),
            'top' => new TopMeasured($post, $this->length(preg_replace('/ above the line$/i', '', $rest) ?? '')),
            'note' => new Remark($post, $rest),
            default => throw EntryRefused::lineVerb($label, $said),
        };
    }

    private function hole(PostId $post, string $said): HoleDug
    {
        [$depth, $wide] = array_pad(preg_split('/ wide /i', $said) ?: [], 2, null);

        return new HoleDug($post, $this->length($depth ?? ''), $wide === null ? null : $this->length($wide));
    }

    /** “1/8 east over 4'”, “on the lane face”, “2 degrees east”; the stage may stand at the end: open, lift, filled, hard. */
    private function plumb(PostId $post, string $said): PlumbReading
    {
        $stage = ($this->stageOf)($post);
        if (preg_match('/^(.*?) ?(open|lift|filled|hard)$/i', $said, $found)) {
            [$said, $stage] = [$found[1], ['open' => Stage::HoleOpen, 'lift' => Stage::Lift, 'filled' => Stage::Filled, 'hard' => Stage::Hardened][strtolower($found[2])]];
        }
        if (preg_match('/^on (?:the )?(.+?)(?: face)?$/i', $said, $found)) {
            $face = $this->side($found[1]);

            return new PlumbReading($post, $face, $face->isAlongX() ? Side::PlusY : Side::PlusX, LeanMeasure::gap(Length::zero(), $this->usualLevel()), $stage);
        }
        [$lean, $over] = array_pad(preg_split('/ over /i', $said) ?: [], 2, null);
        if (! preg_match('/^(.+?) (?:to(?:ward)? )?(?:the )?('.implode('|', array_map(fn (string $name) => preg_quote($name, '/'), $this->sideNames())).')$/iu', $lean ?? '', $found)) {
            throw EntryRefused::linePlumb($this->sideNames());
        }
        $toward = $this->side($found[2]);
        $face = $toward->isAlongX() ? Side::MinusY : Side::PlusX;
        $measure = preg_match('/^(\d+(?:[.,]\d+)?) ?(?:degrees?|°)$/i', $found[1], $degrees)
            ? LeanMeasure::angle((float) str_replace(',', '.', $degrees[1]))
            : LeanMeasure::gap($this->length($found[1]), $over === null ? $this->usualLevel() : $this->length($over));

        return new PlumbReading($post, $face, $toward, $measure, $stage);
    }

    private function twist(PostId $post, string $said): TwistRead
    {
        [$gap, $over] = array_pad(preg_split('/ over /i', $said) ?: [], 2, '');

        return new TwistRead($post, $this->length($gap ?? ''), $this->length($over ?? ''));
    }

    private function filled(PostId $post, string $said): PostFilled
    {
        if (! preg_match('/^(?:(\d{1,3}) bags?)? ?(?:at (-?\d{1,2}(?:[.,]\d)?) ?(?:°?c)?)?$/iu', $said, $found)) {
            throw EntryRefused::lineFilled($said);
        }

        return new PostFilled($post, FillStep::Done, ($found[1] ?? '') === '' ? null : (int) $found[1], ($found[2] ?? '') === '' ? null : (float) str_replace(',', '.', $found[2]));
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

    private function post(string $label): PostId
    {
        return $this->plan->grid->labelled(strtoupper($label))->id;
    }

    private function length(string $typed): Length
    {
        return LengthReader::read($typed, $this->plan->notation->unit);
    }

    private function side(string $name): Side
    {
        foreach (Side::cases() as $side) {
            if (mb_strtolower($this->plan->sides->of($side)) === mb_strtolower(trim($name))) {
                return $side;
            }
        }
        throw EntryRefused::linePlumb($this->sideNames());
    }

    /** @return list<string> */
    private function sideNames(): array
    {
        return array_map($this->plan->sides->of(...), Side::cases());
    }

    private function usualLevel(): Length
    {
        return $this->plan->notation->unit === Unit::Millimetre ? Length::millimetres(1200) : Length::feet(4);
    }
}
