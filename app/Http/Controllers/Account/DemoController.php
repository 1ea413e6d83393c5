<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Demo\DemoUser;
use App\Http\Controllers\Controller;
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
