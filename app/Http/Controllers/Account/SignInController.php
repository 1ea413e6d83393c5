<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\SignIns;
use App\Http\Controllers\Controller;
use App\Models\User;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignInController extends Controller
{
    public function show(): View|RedirectResponse
    {
        return User::query()->exists() ? view('account.sign-in') : redirect()->route('owner');
    }

    /** @throws ValidationException when name and word do not match */
    public function enter(Request $request): RedirectResponse
    {
        $typed = $request->validate(['email' => ['required', 'string'], 'password' => ['required', 'string']], [
            'email.required' => Say::text(
                'answers.sign_in.enter_the_e_mail_address',
            ), 'password.required' => Say::text('answers.sign_in.enter_the_password'),
        ]);
        if (! Auth::attempt($typed)) {
            throw ValidationException::withMessages(['email' => Say::text('answers.sign_in.do_not_match')]);
        }

        return self::arrive($request);
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    /** Goes on where the person was stopped, with what was typed there. */
    public static function arrive(Request $request): RedirectResponse
    {
        $kept = $request->session()->pull('kept.input');
        $request->session()->regenerate();
        SignIns::note($request);
        $arrived = redirect()->intended(route('jobs'));

        return is_array($kept)
            ? $arrived->withInput($kept)->withErrors(
                ['refused' => Say::text('answers.sign_in.your_sign_in_had_run')],
            ) : $arrived;
    }
}
