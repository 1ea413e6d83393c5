<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\NewPassword;
use App\Account\SignIns;
use App\Http\Controllers\Controller;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** One’s own password, and where one is signed in. */
final class AccountController extends Controller
{
    public function show(Request $request): View
    {
        abort_if(config('aequus.mode') === 'demo', 404);

        return view(
            'account.show', ['person' => $this->user($request), 'signIns' => SignIns::of($this->user($request), $request->session()->getId())],
        );
    }

    /** @throws ValidationException where the present password is another, or the new one is easily tried */
    public function password(Request $request): RedirectResponse
    {
        abort_if(config('aequus.mode') === 'demo', 404);
        $user = $this->user($request);
        if (! Hash::check($request->string('present')->value(), $user->getAuthPassword())) {
            throw ValidationException::withMessages(['present' => Say::text('account.password.is_another')]);
        }
        $request->validate(
            ['password' => ['required', new NewPassword($user->name, $user->email)]],
            ['password.required' => Say::text('answers.owner.choose_a_password_of_at')],
        );
        if ($request->string('password')->value() !== $request->string('again')->value()) {
            throw ValidationException::withMessages(['again' => Say::text('keeping.refused_not_the_same')]);
        }
        $user->update(['password' => $request->string('password')->value()]);
        SignIns::endAllBut($user, $request->session()->getId());

        return back()->with('said', Say::text('account.password.is_changed'));
    }

    public function endOthers(Request $request): RedirectResponse
    {
        $ended = SignIns::endAllBut($this->user($request), $request->session()->getId());

        return back()->with('said', Say::text('account.sign_ins.ended', count: $ended));
    }
}
