<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Site\CoreFingerprint;
use PHPUnit\Framework\TestCase;

final class CoreFingerprintTest extends TestCase
{
    public function test_another_core_has_another_fingerprint_and_the_same_one_the_same(): void
    {
        $folder = sys_get_temp_dir().'/aequus-core-'.bin2hex(random_bytes(5));
        mkdir("{$folder}/Plan", recursive: true);
        file_put_contents("{$folder}/Plan/Rule.php", 'one');
        $first = CoreFingerprint::of($folder);
        $this->assertSame($first, CoreFingerprint::of($folder));
        touch("{$folder}/Plan/Rule.php", time() - 60);
        clearstatcache();
        $this->assertNotSame($first, $second = CoreFingerprint::of($folder));
        file_put_contents("{$folder}/Plan/Other.php", '');
        $this->assertNotSame($second, CoreFingerprint::of($folder));
        exec('rm -rf '.escapeshellarg($folder));
    }
}
