<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, string> */
    public function definition(): array
    {
        return ['name' => 'Wren', 'email' => Str::lower(Str::random(8)).'@aequus.test', 'password' => 'a-long-enough-word'];
    }

    public function called(string $name): self
    {
        return $this->state(['name' => $name, 'email' => Str::lower($name).'@aequus.test']);
    }
}
