<?php

declare(strict_types=1);

namespace App\Type;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Shift;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;

/** The one place where lengths become type: primes for feet and inches, fractions drawn by the condensed face itself. */
final class Typeset
{
    private const ON_PAGE = '<span class="fr">$1/$2</span>';

    private const IN_DRAWING = '<tspan class="fr">$1/$2</tspan>';

    private const NO_BREAK = "\u{00A0}";

    private const THIN = "\u{202F}";

    /** A length for a page. */
    public static function length(Notation $notation, Length $length): string
    {
        return '<span class="len">'.self::marks($notation->write($length), self::ON_PAGE).'</span>';
    }

    public static function lengthOrNone(Notation $notation, ?Length $length): string
    {
        return $length === null ? '<span class="none">—</span>' : self::length($notation, $length);
    }

    /** To a tenth of a millimetre, for what an instrument is tested by. */
    public static function fine(Length $length): string
    {
        return self::length(Notation::millimetres(1), $length);
    }

    /** The same without its sign, as a plain sentence. */
    public static function tenth(Length $length): string
    {
        return number_format($length->magnitude()->inMillimetres(), 1).' mm';
    }

    /** As it is typed into a field; empty where there is none. */
    public static function typed(Notation $notation, ?Length $length): string
    {
        return $length === null ? '' : $notation->write($length);
    }

    /** A bare figure. */
    public static function number(float $figure, int $decimals): string
    {
        return number_format($figure, $decimals);
    }

    /** In whatever money the prices were typed. */
    public static function money(float $sum): string
    {
        return number_format($sum, 0);
    }

    /**
     * Shifts toward named sides, one after the other.
     *
     * @param  list<Shift>  $shifts
     */
    public static function shifts(Plan $plan, array $shifts, string $none = ''): string
    {
        return self::sentence((new Speech($plan))->list(...$shifts)) ?: e($none);
    }

    /** A length for a drawing: pieces of an SVG text. */
    public static function svg(Notation $notation, Length $length): string
    {
        return self::marks($notation->write($length), self::IN_DRAWING);
    }

    /** A volume of earth or concrete, from mm³: in m³ or cubic yards, as the job is noted. */
    public static function volume(Notation $notation, float $volume): string
    {
        return number_format($volume / $notation->system()->perVolume, 2).self::THIN.$notation->system()->volume;
    }

    /** A sentence with its lengths in type. */
    public static function sentence(string|Sentence|Said $text): string
    {
        return match (true) {
            $text instanceof Said => $text->toHtml(),
            $text instanceof Sentence => implode('', array_map(fn (string|Length|Sentence $piece) => match (true) {
                $piece instanceof Length => self::length($text->notation, $piece),
                $piece instanceof Sentence => self::sentence($piece),
                default => e($piece),
            }, $text->pieces)),
            default => e($text),
        };
    }

    /** Up or down from a mark: the sign is a word elsewhere, a true minus here. */
    private static function marks(string $written, string $fraction): string
    {
        $primed = strtr(e($written), ['&#039;' => '′', '&quot;' => '″', '-' => '−']);

        // A unit stands close behind its figure.
        return (string) preg_replace(['/(?<=\d) (?=[a-z])/', '/ /', '#(\d+)/(\d+)#'], [self::THIN, self::NO_BREAK, $fraction], $primed);
    }
}
