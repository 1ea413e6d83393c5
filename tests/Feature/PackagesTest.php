<?php

declare(strict_types=1);

namespace Tests\Feature;

use Composer\InstalledVersions;
use PHPUnit\Framework\TestCase;

/** What is installed is what was tried, to the last number: no lock file is kept, so every package stands in composer.json itself. */
final class PackagesTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function test_every_package_is_installed_in_the_version_that_is_written_down(): void
    {
        $written = self::json('composer.json');
        $pinned = array_filter(
            $written['require'] + $written['require-dev'], fn (string $name) => str_contains($name, '/'), ARRAY_FILTER_USE_KEY,
        );
        $installed = [];
        foreach (InstalledVersions::getInstalledPackages() as $name) {
            $version = InstalledVersions::getPrettyVersion($name);
            if ($version !== null && $name !== $written['name'] && ! isset($written['replace'][$name]) && InstalledVersions::getInstallPath($name) !== null) {
                $installed[$name] = ltrim($version, 'v');
            }
        }
        ksort($pinned);
        ksort($installed);
        $this->assertGreaterThan(80, count($installed));
        $this->assertSame($pinned, $installed);
    }

    public function test_every_script_package_is_installed_in_the_version_of_its_lock(): void
    {
        $locked = self::json('package-lock.json')['packages'];
        $seen = 0;
        foreach ($locked as $path => $package) {
            // What only another system needs is left out by the installer.
            if ($path !== '' && is_file(self::ROOT."/{$path}/package.json")) {
                $this->assertSame($package['version'], self::json("{$path}/package.json")['version'], $path);
                $seen++;
            } else {
                $this->assertTrue($path === '' || ($package['optional'] ?? false) || ($package['peer'] ?? false), "{$path} is not installed");
            }
        }
        $this->assertGreaterThan(30, $seen);
    }

    /** Neither says where a package was fetched: that is for the machine to know. */
    public function test_no_host_is_written_down(): void
    {
        foreach (['composer.json', 'package.json', 'package-lock.json'] as $file) {
            $this->assertDoesNotMatchRegularExpression('#"(resolved|repositories)"\s*:#', (string) file_get_contents(self::ROOT."/{$file}"), $file);
        }
    }

    /** @return array<string, mixed> */
    private static function json(string $file): array
    {
        return json_decode((string) file_get_contents(self::ROOT."/{$file}"), true, flags: JSON_THROW_ON_ERROR);
    }
}
