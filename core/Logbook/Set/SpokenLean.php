<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Stage;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Side;

/**
 * A lean as it is called: “plumb 1/8 east over 4'”, “plumb on the lane face”, “plumb 2 degrees east”, “bob 1/4 east over 7'”, “bubble on the line
 * east”. At the end may stand the face it was read on, “phone” for a lean in degrees that a phone told, “turned” for a level turned end for end, and
 * the stage: open, lift, filled, hard.
 */
final readonly class SpokenLean
{
    private const STAGES = ['open' => Stage::HoleOpen, 'lift' => Stage::Lift, 'filled' => Stage::Filled, 'hard' => Stage::Hardened];

    private const BUBBLES = ['half' => Bubble::HalfWay, 'on' => Bubble::OnTheLine, 'beyond' => Bubble::Beyond];

    public Side $face;

    public Side $toward;

    public LeanMeasure $lean;

    public Stage $stage;

    public bool $turned;

    /**
     * @param  string  $way  plumb, bob or bubble
     * @param  Stage  $stage  where none is said
     *
     * @throws EntryRefused saying what is missing
     */
    public function __construct(private SpokenPieces $pieces, string $way, string $said, Stage $stage)
    {
        $turned = $byPhone = false;
        while (preg_match('/^(.*?) ?\b(turned|phone|open|lift|filled|hard)$/i', $said, $found)) {
            [$said, $word] = [$found[1], strtolower($found[2])];
            [$turned, $byPhone, $stage] = [$turned || $word === 'turned', $byPhone || $word === 'phone', self::STAGES[$word] ?? $stage];
        }
        if (preg_match('/^on (?:the )?(.+?)(?: face)?$/i', $said, $found) && $way === 'plumb') {
            $face = $this->pieces->side($found[1]);
            [$this->face, $this->toward, $this->stage] = [$face, $face, $stage];
            $this->lean = $byPhone ? LeanMeasure::phone(0.0, $turned)
                : LeanMeasure::gap(Length::zero(), $this->pieces->plan->notation->system()->spiritLevel);
            $this->turned = $turned && ! $byPhone;

            return;
        }
        $face = null;
        if (preg_match('/^(.+?) on (?:the )?(\S+) face$/iu', $said, $found)) {
            [$said, $face] = [$found[1], $this->pieces->side($found[2])];
        }
        [$lean, $over] = array_pad(preg_split('/ over /i', $said) ?: [], 2, null);
        [$much, $toward] = $this->pieces->toward($lean ?? '');
        $length = $over === null ? $this->pieces->plan->notation->system()->spiritLevel : $this->pieces->length($over);

        [$this->face, $this->toward, $this->stage, $this->turned] = [
            $face ?? ($toward->isAlongX() ? Side::PlusX : Side::MinusY), $toward, $stage, $turned && ! $byPhone,
        ];
        $read = $this->measure($way, $much, $length);
        // A phone tells degrees and nothing else; turned over, it gives one figure of both.
        $this->lean = $byPhone ? LeanMeasure::phone($read->degrees ?? throw EntryRefused::phoneWithoutDegrees(), $turned) : $read;
    }

    private function measure(string $way, string $much, Length $over): LeanMeasure
    {
        if ($way === 'bubble') {
            preg_match('/^(half|on|beyond)/i', $much, $found);

            return LeanMeasure::bubble(self::BUBBLES[strtolower($found[1] ?? '')] ?? throw EntryRefused::lineBubble($much), $over);
        }
        if ($way === 'bob') {
            return LeanMeasure::bob($this->pieces->length($much), $over);
        }

        return preg_match('/^(\d+(?:[.,]\d+)?) ?(?:degrees?|°)$/i', $much, $degrees)
            ? LeanMeasure::angle((float) str_replace(',', '.', $degrees[1]))
            : LeanMeasure::gap($this->pieces->length($much), $over);
    }
}
