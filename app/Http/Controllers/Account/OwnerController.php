<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\NewPassword;
use App\Account\SignIns;
use App\Http\Controllers\Controller;
use App\Models\User;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The first start asks for the owner, once. */
final class OwnerController extends Controller
{
    public function show(): View|RedirectResponse
    {
        return User::query()->exists() ? redirect()->route('sign-in') : view('account.owner');
    }

    /** @throws ValidationException where a field is refused, or the code of the terminal is another */
    public function store(Request $request): RedirectResponse
    {
        $code = config('aequus.owner_code');
        if (is_string($code) && $code !== '' && ! hash_equals($code, str_replace([' ', '-'], '', $request->string('code')->value()))) {
            throw ValidationException::withMessages(['code' => Say::text('account.owner.code_is_another')]);
        }
        $typed = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:120'],
            'password' => ['required', 'string', new NewPassword($request->string('name')->value(), $request->string('email')->value())],
        ], [
            'name.required' => Say::text('answers.owner.enter_your_name_as_it'),
            'email.*' => Say::text('answers.owner.enter_an_e_mail_address'),
            'password.required' => Say::text('answers.owner.choose_a_password_of_at'),
        ]);
        // Whoever else fills in the form at the same time waits here for the lock and is turned away: there is one owner.
        Auth::login(DB::transaction(function () use ($typed): User {
            abort_if(User::query()->exists(), 403);

            return User::query()->create($typed);
        }));
        $request->session()->regenerate();
        SignIns::note($request);

        return redirect()->route('jobs');
    }
}
