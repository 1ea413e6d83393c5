<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Models\User;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The first start asks for the owner, once. */
final class OwnerController extends Controller
{
    public function show(): View|RedirectResponse
    {
        return User::query()->exists() ? redirect()->route('sign-in') : view('account.owner');
    }

    public function store(Request $request): RedirectResponse
    {
        abort_if(User::query()->exists(), 403, 'The owner is already named.');
        $typed = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:120'],
            'password' => ['required', 'string', 'min:10', 'max:200'],
        ], [
            'name.required' => Say::text('answers.owner.enter_your_name_as_it'),
            'email.*' => Say::text('answers.owner.enter_an_e_mail_address'),
            'password.*' => Say::text('answers.owner.choose_a_password_of_at'),
        ]);
        Auth::login(User::query()->create($typed));
        $request->session()->regenerate();

        return redirect()->route('jobs');
    }
}
