<?php

declare(strict_types=1);

namespace App\Type;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Words\PageWords;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use LogicException;

/** What a page says, by its key; lengths, posts, sides and numbers are parts of it and become type here. Every view has it as $say. */
final readonly class Say
{
    public function __construct(private Speech $speech = new Speech)
    {
    }

    public function __invoke(string $key, mixed ...$parts): Said
    {
        $text = PageWords::of($key);
        if ($parts === [] && ! str_contains($text, '<')) {
            return new Said(e($text), $text);
        }
        if (! str_contains($text, '<b>')) {
            $sentence = $this->speech->page($text, ...self::figured($parts));

            return new Said(Typeset::sentence($sentence), (string) $sentence);
        }
        $plain = $html = '';
        foreach (preg_split('#(</?b>)#', $text, flags: PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            if ($piece === '<b>' || $piece === '</b>') {
                $html .= $piece;

                continue;
            }
            $sentence = $this->speech->page($piece, ...self::figured($parts));
            $html .= Typeset::sentence($sentence);
            $plain .= $sentence;
        }

        return new Said($html, $plain);
    }

    /**
     * As plain text, of parts that are text already: for a name, a refusal, a drawing.
     *
     * @throws LogicException when a part is a length: no job says how it is written
     */
    public static function text(string $key, mixed ...$parts): string
    {
        if (array_filter($parts, fn (mixed $part) => $part instanceof Length) !== []) {
            throw new LogicException("“{$key}” is given a length: say it with the words of a job.");
        }

        return $parts === [] ? PageWords::of($key) : (string) (new Speech)->page(PageWords::of($key), ...self::figured($parts));
    }

    /** A length to a tenth of a millimetre, as instruments are tested. */
    public function fine(Length $length): Sentence
    {
        return new Sentence([$length], Notation::millimetres(1));
    }

    /**
     * Figures stand as the page works them out.
     *
     * @param  array<array-key, mixed>  $parts
     * @return array<array-key, mixed>
     */
    private static function figured(array $parts): array
    {
        foreach ($parts as $name => $part) {
            $parts[$name] = is_float($part) ? (string) $part : $part;
        }

        return $parts;
    }
}
