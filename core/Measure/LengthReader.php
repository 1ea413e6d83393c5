<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** Reads a length as people type it. Nothing is guessed: what is not understood is refused, and the piece is named. */
final class LengthReader
{
    private const TYPOGRAPHY = [
        '′′' => '"', '’’' => '"', "''" => '"', '″' => '"', '”' => '"', '“' => '"', '˝' => '"',
        '′' => "'", '’' => "'", '‘' => "'", 'ʹ' => "'", '´' => "'",
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        '⁄' => '/', '−' => '-', '–' => '-', '‑' => '-', "\u{00A0}" => ' ', "\u{202F}" => ' ', "\u{2009}" => ' ',
    ];

    private const METRIC = ['mm' => 1, 'cm' => 10, 'm' => 1000];

    private const FEET = ["'", 'ft', 'foot', 'feet'];

    private const INCHES = ['"', 'in', 'inch', 'inches'];

    private const LONGEST_MILLIMETRES = 10_000_000;

    /** @var list<string> what is still to be read */
    private array $pieces;

    /** Whether feet were read: what follows them is inches. */
    private bool $feetRead = false;

    private function __construct(string $typed, private readonly Unit $bare)
    {
        $plain = str_replace("''", '"', strtr(mb_scrub($typed), self::TYPOGRAPHY));
        preg_match_all('#[0-9]+/[0-9]+|[0-9]*[.,][0-9]+|[0-9]+|\p{L}+|\S#u', $plain, $found);
        $this->pieces = $found[0];
    }

    /** @throws UnreadableLength naming the piece that was not understood */
    public static function read(string $typed, Unit $bare): Length
    {
        return (new self($typed, $bare))->whole();
    }

    private function whole(): Length
    {
        if ($this->pieces === []) {
            throw UnreadableLength::nothingTyped();
        }
        $negative = $this->take(['-']) !== null;
        if ($negative && $this->pieces === []) {
            throw UnreadableLength::unexpected('-');
        }
        $length = $this->unsigned();
        if ($this->pieces !== []) {
            throw UnreadableLength::unexpected($this->pieces[0]);
        }

        return $negative ? $length->negated() : $length;
    }

    /** @phpstan-impure it takes pieces away */
    private function unsigned(): Length
    {
        if ($this->isFraction()) {
            return $this->inchesAfter(Length::zero());
        }
        $typed = $this->number();
        if ($this->take(self::FEET) !== null) {
            return $this->feet($typed);
        }
        $metric = $this->take(array_keys(self::METRIC));
        if ($metric !== null) {
            return $this->checked(Length::millimetres($this->value($typed) * self::METRIC[$metric]), $typed);
        }

        return $this->isFraction() || $this->comesNext('-') || $this->comesNext(...self::INCHES)
            ? $this->inchesAfter($this->wholeInches($typed))
            : $this->bare($typed);
    }

    private function feet(string $typed): Length
    {
        $feet = $this->checked(Length::feet($this->value($typed)), $typed);
        $this->feetRead = true;
        $hyphen = $this->take(['-']);
        if ($this->pieces === [] && $hyphen === null) {
            return $feet;
        }
        if (! ctype_digit($typed)) {
            throw UnreadableLength::decimalFeetBesideInches($typed);
        }
        if ($this->isFraction()) {
            return $this->inchesAfter($feet);
        }
        $inches = $this->number($hyphen);
        $metric = mb_strtolower($this->pieces[0] ?? '');
        if (isset(self::METRIC[$metric])) {
            throw UnreadableLength::metricBesideFeet($metric);
        }
        if (! $this->bare->system()->isDivided && $hyphen === null && preg_match('/^[0-9]{3}$/', $inches)) {
            throw UnreadableLength::ambiguousThousands("{$typed}'{$inches}");
        }
        if ($this->value($inches) >= 12) {
            throw UnreadableLength::inchesBesideFeet($inches);
        }
        if ($this->isFraction() || $this->comesNext('-')) {
            return $this->inchesAfter($feet->plus($this->wholeInches($inches)));
        }
        $this->take(self::INCHES);

        return $feet->plus(Length::inches($this->value($inches)));
    }

    /** Reads an optional hyphen and fraction, then an inch mark, onto what was read before it. */
    private function inchesAfter(Length $before): Length
    {
        $hyphen = $this->take(['-']);
        if ($hyphen !== null && ! $this->isFraction()) {
            throw UnreadableLength::unexpected($this->pieces[0] ?? '-');
        }
        if (! $this->isFraction()) {
            $this->take(self::INCHES);

            return $before;
        }
        $typed = array_shift($this->pieces);
        [$numerator, $denominator] = array_map(intval(...), explode('/', (string) $typed));
        if (strlen((string) $typed) > 5 || ! in_array($denominator, [2, 4, 8, 16, 32, 64], true) || $numerator < 1 || $numerator >= $denominator) {
            throw UnreadableLength::notATapeFraction((string) $typed);
        }
        $marked = $this->take(self::INCHES) !== null;
        if (! $marked && ! $this->feetRead && ! $this->bare->system()->isDivided) {
            throw UnreadableLength::fractionWithoutInches((string) $typed);
        }

        return $before->plus(Length::inchFraction($numerator, $denominator));
    }

    private function wholeInches(string $typed): Length
    {
        if (! ctype_digit($typed) && ($this->isFraction() || $this->comesNext('-'))) {
            throw UnreadableLength::unexpected($this->pieces[0]);
        }

        return $this->checked(Length::inches($this->value($typed)), $typed);
    }

    private function bare(string $typed): Length
    {
        if (isset($this->pieces[0]) && preg_match('/^\p{L}/u', $this->pieces[0])) {
            throw UnreadableLength::unknownUnit($this->pieces[0]);
        }
        if (! $this->bare->system()->isDivided && preg_match('/^[0-9]{1,3}\.[0-9]{3}$/', $typed)) {
            throw UnreadableLength::ambiguousPoint($typed);
        }
        $value = $this->value($typed);

        return $this->checked(Length::millimetres($this->bare->system()->one)->times($value), $typed);
    }

    /** @phpstan-impure it takes pieces away */
    private function number(?string $orElse = null): string
    {
        $typed = array_shift($this->pieces) ?? $orElse ?? '';
        if (preg_match('/^[0-9]+,[0-9]{3}$/', $typed)) {
            throw UnreadableLength::ambiguousComma($typed);
        }
        if (! preg_match('/^[0-9]*[.,]?[0-9]+$/', $typed)) {
            throw UnreadableLength::unexpected($typed);
        }

        return $typed;
    }

    private function value(string $typed): float
    {
        return (float) str_replace(',', '.', $typed);
    }

    private function checked(Length $length, string $typed): Length
    {
        if ($this->value($typed) > self::LONGEST_MILLIMETRES || $length->inMillimetres() > self::LONGEST_MILLIMETRES) {
            throw UnreadableLength::tooLong($typed);
        }

        return $length;
    }

    /** @phpstan-impure it looks at what is left */
    private function isFraction(): bool
    {
        return str_contains($this->pieces[0] ?? '', '/') && strlen($this->pieces[0]) > 1;
    }

    /** @phpstan-impure it looks at what is left */
    private function comesNext(string ...$words): bool
    {
        return in_array(mb_strtolower($this->pieces[0] ?? ''), $words, true);
    }

    /**
     * @param  list<string>  $words
     *
     * @phpstan-impure it takes pieces away
     */
    private function take(array $words): ?string
    {
        return $this->comesNext(...$words) ? mb_strtolower((string) array_shift($this->pieces)) : null;
    }
}
