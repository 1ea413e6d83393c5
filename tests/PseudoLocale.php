<?php

declare(strict_types=1);

namespace Tests;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Another language, made from the folder of words: every letter of every text in it is written wide. Whatever a page still says in plain letters comes from elsewhere. */
final class PseudoLocale
{
    /** They hold grammar, not words. */
    private const NO_WORDS = ['Speech.php', 'Sentence.php', 'PageWords.php', 'Names.php', 'Template.php', 'GuideWords.php'];

    /** Writes the other language into a folder, and has its classes loaded instead of the first one’s. Nothing of the first may be loaded before. */
    public static function speak(string $words, string $into): void
    {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($words, FilesystemIterator::SKIP_DOTS)) as $file) {
            $name = substr((string) $file, strlen($words) + 1);
            @mkdir(dirname("{$into}/{$name}"), 0777, true);
            $php = (string) file_get_contents((string) $file);
            file_put_contents("{$into}/{$name}", in_array(basename($name), self::NO_WORDS, true) ? $php : self::written($php));
        }
        spl_autoload_register(function (string $class) use ($into): void {
            $file = $into.'/'.strtr(substr($class, strlen('Aequus\\Words\\')), '\\', '/').'.php';
            if (str_starts_with($class, 'Aequus\\Words\\') && is_file($file)) {
                require $file;
            }
        }, prepend: true);
    }

    private static function written(string $php): string
    {
        $tokens = token_get_all($php);
        $written = '';
        foreach ($tokens as $i => $token) {
            $isText = is_array($token) && in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true);
            $written .= $isText && ! self::isKey($tokens, $i) ? self::wide($token[1]) : (is_array($token) ? $token[1] : $token);
        }

        return $written;
    }

    /** @param  list<string|array{int, string, int}>  $tokens */
    private static function isKey(array $tokens, int $i): bool
    {
        for ($i++; is_array($tokens[$i] ?? '') && $tokens[$i][0] === T_WHITESPACE; $i++);

        return is_array($tokens[$i] ?? '') && $tokens[$i][0] === T_DOUBLE_ARROW;
    }

    /** Places for parts, and marks of bold, stay as they are; words within a place are written too. */
    private static function wide(string $text): string
    {
        return (string) preg_replace_callback(
            '/\{\^?[a-z_]+[;,|&]?(?::|\})|<\/?b>|%[sd]|\\\\[a-z]|[A-Za-z]+/',
            fn (array $found): string => preg_match('/^[A-Za-z]+$/', $found[0]) === 1
                ? implode('', array_map(fn (string $letter) => mb_chr(ord($letter) + 0xFEE0), str_split($found[0]))) : $found[0],
            $text,
        );
    }
}
