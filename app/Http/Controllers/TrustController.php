<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Network\Authority;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How a phone comes to trust this machine: the only page that the network gets without https. */
final class TrustController extends Controller
{
    public function show(Request $request): View
    {
        return view('network.trust', ['mark' => $this->authority()->fingerprint(), 'address' => "https://{$request->getHttpHost()}/"]);
    }

    public function certificate(): Response
    {
        return response($this->authority()->certificate(), headers: [
            'Content-Type' => 'application/x-x509-ca-cert', 'Content-Disposition' => 'attachment; filename="aequus.crt"',
        ]);
    }

    private function authority(): Authority
    {
        $authority = Authority::ofThisInstallation();
        abort_unless($authority->exists(), 404);

        return $authority;
    }
}
