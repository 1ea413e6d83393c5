<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Network\Addresses;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Route;
use Tests\FeatureTestCase;

/** By which names a phone may ask, and whose word counts for where it comes from. */
final class AddressesTest extends FeatureTestCase
{
    protected function tearDown(): void
    {
        TrustProxies::flushState();
        parent::tearDown();
    }

    public function test_it_is_called_by_private_addresses_and_its_local_name(): void
    {
        $found = ['127.0.0.1', '::1', '203.0.113.9', '192.168.7.20', '192.168.7.20', '10.0.3.1', 'fe80::1', 'fd00::2', ''];
        $this->assertSame(['192.168.7.20', '10.0.3.1', 'yard.local'], (new Addresses($found, 'Yard.home.example'))->all());
        $this->assertSame(['yard-2.local'], (new Addresses(['203.0.113.9'], 'yard-2'))->all());
        $this->assertSame([], (new Addresses(['203.0.113.9'], 'no_name!'))->all());
    }

    public function test_the_command_prints_where_phones_come_in_or_why_they_can_not(): void
    {
        $folder = sys_get_temp_dir().'/aequus-network-'.bin2hex(random_bytes(5));
        config(['aequus.authority' => "{$folder}/authority"]);
        $this->app?->instance(Addresses::class, new Addresses([], '!'));
        $command = fn (): array => [Artisan::call('aequus:network', ['port' => 8443, 'inner' => 8090, 'folder' => $folder]), Artisan::output()];
        [$status, $said] = $command();
        $this->assertSame(1, $status);
        $this->assertStringContainsString('No name and no private address', $said);
        $this->assertDirectoryDoesNotExist($folder);
        $this->app?->instance(Addresses::class, new Addresses(['192.168.7.20'], 'yard'));
        [$status, $said] = $command();
        $this->assertSame(0, $status);
        foreach (['https://192.168.7.20:8443', 'https://yard.local:8443', 'first of all  http://192.168.7.20:8443'] as $one) {
            $this->assertStringContainsString($one, $said);
        }
        $this->assertStringContainsString('a new phone   http://192.168.7.20:8443', $command()[1]);
        $this->assertSame('192.168.7.20 yard.local', file_get_contents("{$folder}/names"));
        exec('rm -rf '.escapeshellarg($folder));
    }

    /** Else anybody could pretend to come from elsewhere, and try passwords without end. */
    public function test_only_the_door_before_it_is_believed_where_a_request_comes_from(): void
    {
        Route::get('/whence', fn (Request $request) => $request->ip().' '.($request->isSecure() ? 'sealed' : 'open'));
        $ask = fn (string $from) => $this->call('GET', 'http://localhost/whence', server: [
            'REMOTE_ADDR' => $from, 'HTTP_X_FORWARDED_FOR' => '192.168.7.33', 'HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_X_FORWARDED_HOST' => 'elsewhere.example',
        ])->getContent();
        $this->assertSame('127.0.0.1 open', $ask('127.0.0.1'));
        TrustProxies::at(['127.0.0.1']);
        $this->assertSame('192.168.7.33 sealed', $ask('127.0.0.1'));
        $this->assertSame('192.168.7.20 open', $ask('192.168.7.20'));
    }
}
