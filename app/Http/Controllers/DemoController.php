<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demo\DemoUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** One press into the demo. The route exists in demo mode only. */
final class DemoController extends Controller
{
    public function enter(Request $request): RedirectResponse
    {
        Auth::login(DemoUser::find());

        return SignInController::arrive($request);
    }
}
