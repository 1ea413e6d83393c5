<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Logbook\Kind\Called;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Phrase;
use Aequus\Logbook\Kind\SpokenPieces;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Kind\Takes;
use Aequus\Logbook\Kind\Whom;
use Aequus\Measure\TapeClass;
use Aequus\Measure\UnreadableLength;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;
use Closure;

/**
 * One line that takes any entry for any post or pair, as it would be called across a yard: “b2 hole 41 1/2”, “c3 plumb 1/8 east over 4'”,
 * “a1-c3 36' 10 1/4”, “d4 rock 27 1/2”. First whom it is about, then what, then the figures; what may be said comes from the kinds of entry.
 */
final readonly class QuickLine
{
    private SpokenPieces $pieces;

    /**
     * @param  Closure(PostId): Stage  $stageOf  at which stage a post would be read for plumb now
     * @param  TapeClass  $tape  taken where a line names none
     */
    public function __construct(private Plan $plan, Closure $stageOf, TapeClass $tape)
    {
        $this->pieces = new SpokenPieces($plan, $stageOf, $tape);
    }

    /** @return array<string, string> by the value of the kind: what a line of this job may say, with its own sides and units */
    public function examples(): array
    {
        $examples = [];
        foreach (EntryKind::cases() as $kind) {
            $ofKind = array_filter(array_map($this->example(...), $kind->payload()::phrases()), fn (string $example) => $example !== '');
            if ($ofKind !== [] && ($kind !== EntryKind::LineOffset || $this->plan->fixedLines() !== [])) {
                $examples[$kind->value] = implode(', or ', $ofKind);
            }
        }

        return $examples;
    }

    private function shortest(EntryKind $kind): string
    {
        return explode(', or ', $this->examples()[$kind->value])[0];
    }

    private function example(Phrase $phrase): string
    {
        $example = $phrase->exampleIn($this->plan->notation);

        return strtr($example, ['east' => $this->plan->sides->plusX, 'lane' => $this->plan->sides->minusY]);
    }

    /** @return array<string, string> what could stand next in a line that is not whole yet, and the line with it; none where only a figure can, or nothing */
    public function couldFollow(string $line): array
    {
        $label = SpokenPieces::LABEL;
        [$ofPost, $all] = [self::phrases(Called::Post), self::verbs()];
        $verbs = array_slice($all, 0, count(array_filter($ofPost, fn (Phrase $phrase) => $phrase->place > 0)));
        if (preg_match("/^({$label}) ([a-z]+)$/i", $line, $begun) && ! in_array(strtolower($begun[2]), $all, true)) {
            return self::behind(
                $begun[1],
                array_values(array_filter($all, fn (string $verb) => ! str_contains($verb, ' ') && str_starts_with($verb, strtolower($begun[2])))),
            );
        }
        if (preg_match("/^{$label}$/i", $line)) {
            return self::behind($line, $verbs);
        }
        $isOfPost = preg_match("/^{$label} (.+)$/i", $line, $said) === 1;
        foreach ($isOfPost ? $ofPost : self::phrases(Called::Job) as $phrase) {
            $rest = $phrase->verb === '' ? null : $phrase->after($isOfPost ? $said[1] : $line);
            if ($rest === '' && $phrase->words !== []) {
                return self::behind($line, $phrase->words);
            }
            if ($rest !== null && $phrase->sidesAfter !== '' && preg_match("/^{$phrase->sidesAfter}$/i", $rest)) {
                return self::behind($line, $this->namesFor($isOfPost ? explode(' ', $line)[0] : '', $phrase));
            }
        }

        return [];
    }

    /** @return list<string> the sides that the line may end in */
    private function namesFor(string $label, Phrase $phrase): array
    {
        $post = array_values(array_filter($this->plan->grid->posts, fn (Post $post) => strcasecmp($post->label, $label) === 0))[0] ?? null;

        return ($post === null || $phrase->verb === 'cast' ? $this->pieces : $this->pieces->of($post->id))->sideNames();
    }

    /** @return list<string> what may be said of a post, what follows one most often first */
    private static function verbs(): array
    {
        $phrases = array_filter(self::phrases(Called::Post), fn (Phrase $phrase) => $phrase->verb !== '');
        usort($phrases, fn (Phrase $one, Phrase $other) => ($one->place ?: PHP_INT_MAX) <=> ($other->place ?: PHP_INT_MAX));

        return array_values(array_unique(array_map(fn (Phrase $phrase) => $phrase->verb, $phrases)));
    }

    /**
     * @param  list<string>  $words
     * @return array<string, string>
     */
    private static function behind(string $line, array $words): array
    {
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
        if ($line === '') {
            throw EntryRefused::lineEmpty($this->shortest(EntryKind::Hole));
        }
        if (preg_match("/^({$label}|bench) ?- ?({$label}|bench) (.+)$/iu", $line, $found)) {
            return $this->said(Called::Pair, new Whom([$this->who($found[1]), $this->who($found[2])]), $found[3], "{$found[1]}-{$found[2]}")
                ?? throw EntryRefused::lineFromTheBench();
        }
        if (preg_match("/^({$label})(?: (.*))?$/iu", $line, $found)) {
            $said = $found[2] ?? '';

            return $this->said(Called::Post, new Whom([$this->pieces->post($found[1])]), $said, strtoupper($found[1]))
                ?? throw EntryRefused::lineVerb(strtoupper($found[1]), $said, self::verbs());
        }

        return $this->said(Called::Job, new Whom([]), $line, '') ?? throw EntryRefused::lineWithoutPost(
            $line, $this->shortest(EntryKind::Hole), $this->shortest(EntryKind::Tape),
        );
    }

    private function who(string $said): ?PostId
    {
        return strtolower($said) === 'bench' ? null : $this->pieces->post($said);
    }

    private function said(Called $called, Whom $whom, string $said, string $label): ?Payload
    {
        $of = $called === Called::Post ? $whom->postOrNone() : null;
        $pieces = $of === null ? $this->pieces : $this->pieces->of($of);
        foreach (self::phrases($called) as $phrase) {
            $rest = $phrase->after($said);
            if ($rest === null || ($phrase->verb === '' && $rest === '')) {
                continue;
            }
            if ($phrase->takes === Takes::Something && $rest === '') {
                throw EntryRefused::lineUnfinished(trim("{$label} {$phrase->verb}"), $this->exampleOf($phrase));
            }
            if ($phrase->takes === Takes::Nothing && $rest !== '') {
                throw EntryRefused::lineTooLong(trim("{$label} {$phrase->verb}"), $rest);
            }
            $payload = ($phrase->read)($pieces, $whom, $rest);
            if ($payload !== null) {
                return $payload;
            }
        }

        return null;
    }

    /** Of that very word, or of its kind. */
    private function exampleOf(Phrase $phrase): string
    {
        foreach (EntryKind::cases() as $kind) {
            foreach ($kind->payload()::phrases() as $one) {
                if ($one->of === $phrase->of && $one->verb === $phrase->verb) {
                    return explode(', or ', $this->example($one) ?: $this->examples()[$kind->value])[0];
                }
            }
        }

        return '';
    }

    /** @return list<Phrase> the longest verbs first, as “seat rod” before “rod”; what begins with none last */
    private static function phrases(Called $called): array
    {
        $all = array_merge(
            ...array_map(
                fn (EntryKind $kind) => array_values(array_filter($kind->payload()::phrases(), fn (Phrase $phrase) => $phrase->of === $called)),
                EntryKind::cases(),
            ),
        );
        usort($all, fn (Phrase $one, Phrase $other) => str_word_count($other->verb) <=> str_word_count($one->verb));

        return $all;
    }
}
