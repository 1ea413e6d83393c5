<?php

declare(strict_types=1);

namespace App\Keeping;

/**
 * A backup encrypted with a passphrase: XChaCha20-Poly1305 in libsodium’s secret stream, the key from the passphrase by Argon2id. The head tells the
 * salt and the costs, so that costs may grow.
 */
final class Sealed
{
    private const MARK = "AEQUUS SEALED 1\n";

    private const CHUNK = 1 << 20;

    public static function is(string $file): bool
    {
        return file_get_contents($file, length: strlen(self::MARK)) === self::MARK;
    }

    public static function write(string $plain, string $file, #[\SensitiveParameter] string $passphrase): void
    {
        $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);
        [$ops, $memory] = [SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE, SODIUM_CRYPTO_PWHASH_MEMLIMIT_MODERATE];
        [$state, $head] = sodium_crypto_secretstream_xchacha20poly1305_init_push(self::key($passphrase, $salt, $ops, $memory));
        [$in, $out] = [self::handle($plain, 'rb'), self::handle($file, 'xb')];
        chmod($file, 0o600);
        fwrite($out, self::MARK.$salt.pack('VV', $ops, $memory).$head);
        do {
            $chunk = (string) fread($in, self::CHUNK);
            $isLast = feof($in);
            fwrite($out, sodium_crypto_secretstream_xchacha20poly1305_push(
                $state, $chunk, '',
                $isLast ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE,
            ));
        } while (! $isLast);
        fclose($in);
        fclose($out);
    }

    /** @throws KeepingRefused when the passphrase is missing or wrong, or the file was cut short or changed */
    public static function open(string $file, string $plain, #[\SensitiveParameter] string $passphrase): void
    {
        if ($passphrase === '') {
            throw KeepingRefused::sealed();
        }
        $in = self::handle($file, 'rb');
        fread($in, strlen(self::MARK));
        $salt = (string) fread($in, SODIUM_CRYPTO_PWHASH_SALTBYTES);
        $costs = unpack('Vops/Vmemory', str_pad((string) fread($in, 8), 8, "\0")) ?: [];
        $head = (string) fread($in, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        [$ops, $memory] = [(int) ($costs['ops'] ?? 0), (int) ($costs['memory'] ?? 0)];
        if (strlen($salt) !== SODIUM_CRYPTO_PWHASH_SALTBYTES || strlen($head) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES
            || $ops < 1 || $ops > SODIUM_CRYPTO_PWHASH_OPSLIMIT_SENSITIVE || $memory > SODIUM_CRYPTO_PWHASH_MEMLIMIT_SENSITIVE || $memory < 8192) {
            throw KeepingRefused::wrongPassphrase();
        }
        $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($head, self::key($passphrase, $salt, $ops, $memory));
        $out = self::handle($plain, 'xb');
        chmod($plain, 0o600);
        $tag = null;
        while (! feof($in)) {
            $sealed = (string) stream_get_contents($in, self::CHUNK + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
            if ($sealed === '') {
                break;
            }
            $read = sodium_crypto_secretstream_xchacha20poly1305_pull($state, $sealed);
            if (! is_array($read)) {
                throw KeepingRefused::wrongPassphrase();
            }
            fwrite($out, (string) $read[0]);
            $tag = $read[1];
        }
        fclose($in);
        fclose($out);
        if ($tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL) {
            throw KeepingRefused::wrongPassphrase();
        }
    }

    private static function key(#[\SensitiveParameter] string $passphrase, string $salt, int $ops, int $memory): string
    {
        return sodium_crypto_pwhash(
            SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES, $passphrase, $salt, $ops, $memory, SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
        );
    }

    /** @return resource */
    private static function handle(string $file, string $mode)
    {
        return fopen($file, $mode) ?: throw KeepingRefused::noFile($file);
    }
}
