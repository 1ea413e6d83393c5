<?php

declare(strict_types=1);

namespace App\Account;

use App\Type\Say;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * Ten characters or more, none that is tried first: what others used most (a list shipped with its licence in resources/passwords), or one’s own
 * name.
 */
final readonly class NewPassword implements ValidationRule
{
    public const LEAST = 10;

    private const MOST = 200;

    /** Fewer different characters are soon tried through. */
    private const DIFFERENT = 5;

    public function __construct(private string $name, private string $email)
    {
    }

    /** @param  Closure(string): mixed  $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $word = is_string($value) ? $value : '';
        $plain = mb_strtolower($word);
        $own = array_filter([mb_strtolower($this->name), mb_strtolower($this->email), mb_strtolower(strstr($this->email, '@', true) ?: '')]);
        match (true) {
            mb_strlen($word) < self::LEAST || strlen($word) > self::MOST => $fail(Say::text('answers.owner.choose_a_password_of_at')),
            self::isKnown($plain), in_array(trim($plain, '0123456789!.?-_ '), $own, true) => $fail(Say::text('account.password.is_tried_first')),
            count(array_unique(mb_str_split($plain))) < self::DIFFERENT => $fail(Say::text('account.password.too_few_different')),
            default => null,
        };
    }

    private static function isKnown(string $word): bool
    {
        $known = file(resource_path('passwords/known.txt'), FILE_IGNORE_NEW_LINES) ?: [];

        return in_array($word, $known, true);
    }
}
