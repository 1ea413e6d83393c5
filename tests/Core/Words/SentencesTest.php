<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use FilesystemIterator;
use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Facts first, words last: no floor of the core but Words makes a sentence. */
final class SentencesTest extends TestCase
{
    /** What is said on the quick line and understood by it belongs to the kinds of entry. */
    private const SPOKEN = ['new Phrase(', 'enum DecisionAbout'];

    public function test_no_sentence_is_made_outside_the_words_floor(): void
    {
        $found = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../../core', FilesystemIterator::SKIP_DOTS)) as $file) {
            $code = (string) file_get_contents($file->getPathname());
            if (! str_contains($file->getPathname(), 'core/Words/')
                && array_filter(self::SPOKEN, fn (string $mark) => str_contains($code, $mark)) === []) {
                array_push($found, ...array_map(fn (string $sentence) => "{$file->getFilename()}: {$sentence}", self::sentencesIn($code)));
            }
        }
        $this->assertSame([], $found);
    }

    public function test_a_sentence_would_be_found(): void
    {
        $this->assertSame(
            ["'Dig on to the clay'", '" posts still lean"'],
            self::sentencesIn(
                '<?php $a = \'Dig on to the clay\'; $b = $n." posts still lean"; throw new LogicException("Nobody has words for it"); enum A { case B = "no such thing"; }',
            ),
        );
    }

    /** @return list<string> texts of three words and more; what is thrown at programmers and the values of cases, which are stored, are none */
    private static function sentencesIn(string $code): array
    {
        $found = [];
        $isThrown = $isCase = false;
        foreach (PhpToken::tokenize($code) as $token) {
            $isThrown = $token->text !== ';'
                && ($isThrown || $token->is(T_THROW) || $token->is(T_STRING) && str_ends_with($token->text, 'Exception'));
            $isCase = $token->text !== ';' && ($isCase || $token->is(T_CASE));
            if (! $isThrown && ! $isCase && $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && preg_match(
                '/[\p{L}’]{2,} [\p{L}’]+ [\p{L}’]{2,}/u', $token->text,
            )) {
                $found[] = $token->text;
            }
        }

        return $found;
    }
}
