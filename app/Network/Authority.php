<?php

declare(strict_types=1);

namespace App\Network;

use OpenSSLAsymmetricKey;
use OpenSSLCertificate;
use OpenSSLCertificateSigningRequest;
use RuntimeException;

/**
 * The certificate authority of this installation. It is made once, so that a phone trusts once, and it is bound to addresses that exist only inside
 * a network (name constraints after RFC 5280): it can vouch for nothing else in the world, even where its key is stolen.
 */
final readonly class Authority
{
    private const YEARS = 10;

    /** Of a machine's certificate; phones take none that lasts longer than 825. */
    private const DAYS = 397;

    /** Private addresses after RFC 1918 and RFC 4193, this machine itself, and names that are found without a server. */
    private const ONLY = [
        'IP:10.0.0.0/255.0.0.0', 'IP:172.16.0.0/255.240.0.0', 'IP:192.168.0.0/255.255.0.0', 'IP:127.0.0.0/255.0.0.0',
        'IP:fc00::/fe00::', 'DNS:local', 'DNS:localhost',
    ];

    /** @param  string  $folder  whose files nobody else reads */
    public function __construct(private string $folder)
    {
    }

    public static function ofThisInstallation(): self
    {
        return new self((string) config('aequus.authority'));
    }

    public function exists(): bool
    {
        return is_file("{$this->folder}/authority.crt") && is_file("{$this->folder}/authority.key");
    }

    /** As phones take it: DER. */
    public function certificate(): string
    {
        openssl_x509_export($this->made(), $pem);

        return (string) base64_decode((string) preg_replace('/-----[^-]+-----|\s/', '', $pem), true);
    }

    /** By which it is told from another: SHA-256, in pairs. */
    public function fingerprint(): string
    {
        return implode(' ', str_split(strtoupper((string) openssl_x509_fingerprint($this->made(), 'sha256')), 4));
    }

    /**
     * A certificate for this machine as it is called today, with a key of its own, written as machine.crt and machine.key.
     *
     * @param  list<string>  $names  addresses and names
     */
    public function issue(array $names): void
    {
        $own = $this->made();
        $alternatives = implode(
            ',', array_map(fn (string $name) => (filter_var($name, FILTER_VALIDATE_IP) === false ? 'DNS:' : 'IP:').$name, $names),
        );
        $this->sign(
            'machine', 'Aequus on this machine', self::DAYS,
            "basicConstraints = critical,CA:FALSE\nkeyUsage = critical,digitalSignature\nextendedKeyUsage = serverAuth\nsubjectAltName = {$alternatives}",
            $own,
        );
    }

    private function made(): OpenSSLCertificate
    {
        if (! $this->exists()) {
            $this->make();
        }

        return openssl_x509_read((string) file_get_contents("{$this->folder}/authority.crt")) ?: throw self::fault();
    }

    private function make(): void
    {
        $only = implode(',', array_map(fn (string $one) => "permitted;{$one}", self::ONLY));
        $this->sign(
            'authority', 'Aequus, '.bin2hex(random_bytes(3)), 365 * self::YEARS,
            "basicConstraints = critical,CA:TRUE,pathlen:0\nkeyUsage = critical,keyCertSign,cRLSign\nsubjectKeyIdentifier = hash\nnameConstraints = critical,{$only}",
        );
    }

    /** @param  ?OpenSSLCertificate  $by  null for one that vouches for itself */
    private function sign(string $file, string $name, int $days, string $extensions, ?OpenSSLCertificate $by = null): void
    {
        $settings = $this->settings($extensions);
        try {
            $key = self::key();
            $wanted = openssl_csr_new(['commonName' => $name], $key, $settings);
            $signed = $wanted instanceof OpenSSLCertificateSigningRequest
                ? openssl_csr_sign($wanted, $by, $by === null ? $key : $this->ownKey(), $days, $settings, random_int(1, PHP_INT_MAX)) : false;
            if ($signed === false) {
                throw self::fault();
            }
            $this->write($file, $signed, $key);
        } finally {
            unlink($settings['config']);
        }
    }

    private function ownKey(): OpenSSLAsymmetricKey
    {
        return openssl_pkey_get_private((string) file_get_contents("{$this->folder}/authority.key")) ?: throw self::fault();
    }

    private static function key(): OpenSSLAsymmetricKey
    {
        return openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']) ?: throw self::fault();
    }

    /** The key is there before the certificate that counts, and whole before either: an interrupted start makes them anew. */
    private function write(string $name, OpenSSLCertificate $signed, OpenSSLAsymmetricKey $key): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);
        chmod($this->folder, 0o700);
        openssl_pkey_export($key, $private);
        openssl_x509_export($signed, $public);
        foreach (['key' => $private, 'crt' => $public] as $kind => $text) {
            $file = "{$this->folder}/{$name}.{$kind}";
            touch("{$file}.new");
            chmod("{$file}.new", 0o600);
            file_put_contents("{$file}.new", $text);
            rename("{$file}.new", $file);
        }
    }

    /** @return array{config: string, digest_alg: string, x509_extensions: string} */
    private function settings(string $extensions): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'aequus-authority');
        file_put_contents($file, "[req]\ndistinguished_name = name\n[name]\n[wanted]\n{$extensions}\n");

        return ['config' => $file, 'digest_alg' => 'sha256', 'x509_extensions' => 'wanted'];
    }

    private static function fault(): RuntimeException
    {
        return new RuntimeException('The certificate could not be made: '.openssl_error_string());
    }
}
