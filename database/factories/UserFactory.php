<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, string> */
    public function definition(): array
    {
        return [
            'name' => $this->faker->unique()->name(),
            'username' => $this->faker->unique()->regexify('[a-z]{12}'),
            'role' => 'trainee',
            'password' => 'lights-on',
        ];
    }

    public function instructor(): self
    {
        return $this->state(['role' => 'instructor']);
    }
}
