<?php

declare(strict_types=1);

namespace App\Console;

use App\Account\NewPassword;
use App\Account\SignIns;
use App\Models\User;
use App\Type\Say;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** A new password for somebody who has forgotten the old one: who can run commands on this machine can read all data anyway. */
final class Password extends Command
{
    use AsksSecretly;

    protected $signature = 'aequus:password {email? : needed where there is more than one person}';

    protected $description = 'Set a new password';

    public function handle(): int
    {
        $email = $this->argument('email');
        $people = is_string($email) ? User::query()->where('email', $email) : User::query();
        $user = $people->first();
        if ($user === null || $people->count() > 1) {
            $this->error(Say::text('account.password.whose'));

            return self::FAILURE;
        }
        $word = $this->asked(Say::text('account.password.new_of', name: $user->name));
        $refused = Validator::make(['password' => $word], ['password' => ['required', new NewPassword($user->name, $user->email)]], [
            'password.required' => Say::text('answers.owner.choose_a_password_of_at'),
        ])->errors()->first();
        $refused = $refused !== '' || $word === $this->asked(Say::text('keeping.passphrase_again')) ? $refused
            : Say::text('keeping.refused_not_the_same');
        if ($refused !== '') {
            $this->error($refused);

            return self::FAILURE;
        }
        $user->update(['password' => $word]);
        SignIns::endAllBut($user, '');
        $this->line(Say::text('account.password.is_changed'));

        return self::SUCCESS;
    }
}
