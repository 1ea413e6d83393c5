<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Network\Authority;
use App\Network\Door;
use Tests\FeatureTestCase;

/** What phones trust can vouch for this machine in its network, and for nothing else. */
final class AuthorityTest extends FeatureTestCase
{
    private string $folder;

    private Authority $authority;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/aequus-authority-'.bin2hex(random_bytes(5));
        $this->authority = new Authority($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_it_is_made_once_and_its_machines_anew(): void
    {
        $this->assertFalse($this->authority->exists());
        $this->authority->issue(['192.168.7.20', 'yard.local']);
        $before = [$this->authority->fingerprint(), $this->machine()];
        (new Authority($this->folder))->issue(['10.0.0.5']);
        $this->assertSame($before[0], (new Authority($this->folder))->fingerprint());
        $this->assertNotSame($before[1], $this->machine());
        $this->assertStringContainsString('IP Address:10.0.0.5', $this->machine());
        $this->assertStringNotContainsString('yard.local', $this->machine());
        $this->assertNotSame($before[0], (new Authority("{$this->folder}/another"))->fingerprint());
        foreach (['authority.key', 'machine.key', 'authority.crt', 'machine.crt'] as $file) {
            $this->assertSame(0o600, fileperms("{$this->folder}/{$file}") & 0o777, $file);
        }
        $this->assertSame(0o700, fileperms($this->folder) & 0o777);
    }

    /** An interrupted first start leaves a key without its certificate. */
    public function test_half_an_authority_is_none(): void
    {
        $this->authority->issue(['127.0.0.1']);
        unlink("{$this->folder}/authority.crt");
        $this->assertFalse($this->authority->exists());
        $this->authority->issue(['127.0.0.1']);
        $this->assertSame('', $this->complaint('127.0.0.1'));
    }

    public function test_it_vouches_for_private_addresses_and_local_names_alone(): void
    {
        foreach (['192.168.7.20', '10.1.2.3', '172.16.0.9', '172.31.255.1', '127.0.0.1', 'yard.local', 'localhost'] as $name) {
            $this->authority->issue([$name]);
            $this->assertSame('', $this->complaint($name), $name);
        }
        foreach (['203.0.113.7', '172.32.0.1', '192.169.0.1', '11.0.0.1', 'bank.example', 'local.example', 'yardlocal.example'] as $name) {
            $this->authority->issue([$name]);
            $this->assertStringContainsString('permitted subtree violation', $this->complaint($name), $name);
        }
        // One name that it may not vouch for spoils the whole certificate.
        $this->authority->issue(['yard.local', 'bank.example']);
        $this->assertStringContainsString('permitted subtree violation', $this->complaint('yard.local'));
        // It is good for the names it was made for, not for others beside them.
        $this->authority->issue(['192.168.7.20']);
        $this->assertStringContainsString('mismatch', $this->complaint('192.168.7.21'));
    }

    public function test_a_machine_cannot_vouch_for_another_and_phones_take_its_term(): void
    {
        $this->authority->issue(['192.168.7.20']);
        $machine = openssl_x509_parse((string) file_get_contents("{$this->folder}/machine.crt")) ?: [];
        $this->assertSame('CA:FALSE', $machine['extensions']['basicConstraints']);
        $this->assertSame('TLS Web Server Authentication', $machine['extensions']['extendedKeyUsage']);
        $this->assertLessThanOrEqual(825 * 86_400, $machine['validTo_time_t'] - $machine['validFrom_time_t']);
        $this->assertGreaterThan(time() + 300 * 86_400, $machine['validTo_time_t']);
        $own = openssl_x509_parse((string) file_get_contents("{$this->folder}/authority.crt")) ?: [];
        $this->assertSame('CA:TRUE, pathlen:0', $own['extensions']['basicConstraints']);
    }

    public function test_the_page_that_tells_of_it_wants_no_sign_in_and_gives_the_certificate_alone(): void
    {
        config(['aequus.authority' => $this->folder]);
        $this->get('/trust')->assertNotFound();
        $this->get('/trust/aequus.crt')->assertNotFound();
        $this->authority->issue(['127.0.0.1']);
        $this->get('http://127.0.0.1:8443/trust')->assertOk()->assertSee($this->authority->fingerprint())->assertSee('https://127.0.0.1:8443/')->assertHeaderMissing('Set-Cookie');
        $sent = $this->get('/trust/aequus.crt')->assertOk()->assertHeader('Content-Type', 'application/x-x509-ca-cert')->getContent();
        $this->assertSame(str_replace(' ', '', $this->authority->fingerprint()), strtoupper(hash('sha256', (string) $sent)));
        $this->assertStringNotContainsString('KEY', (string) $sent);
    }

    /** Nginx itself reads what is written for it, also from a folder with a space in its name. */
    public function test_the_door_is_written_so_that_it_opens(): void
    {
        if (trim((string) shell_exec('PATH=$PATH:/usr/sbin command -v nginx')) === '') {
            $this->markTestSkipped('nginx is installed with the browser’s tests.');
        }
        $this->authority->issue(['127.0.0.1']);
        $file = (new Door("{$this->folder}/a door", $this->folder, 18_443, 18_090))->write();
        exec('PATH=$PATH:/usr/sbin nginx -t -e /dev/null -c '.escapeshellarg($file).' 2>&1', $said, $status);
        $this->assertSame(0, $status, implode("\n", $said));
    }

    private function machine(): string
    {
        return (string) shell_exec('openssl x509 -noout -text -in '.escapeshellarg("{$this->folder}/machine.crt"));
    }

    /** What OpenSSL says against it where that name is asked for; empty where it is content. */
    private function complaint(string $name): string
    {
        $asked = filter_var($name, FILTER_VALIDATE_IP) === false ? '-verify_hostname' : '-verify_ip';
        exec(sprintf(
            'openssl verify -purpose sslserver %s %s -CAfile %s %s 2>&1', $asked, escapeshellarg($name),
            escapeshellarg("{$this->folder}/authority.crt"), escapeshellarg("{$this->folder}/machine.crt"),
        ), $said, $status);

        return $status === 0 ? '' : implode("\n", $said);
    }
}
