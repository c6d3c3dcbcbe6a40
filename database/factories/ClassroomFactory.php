<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Classroom> */
final class ClassroomFactory extends Factory
{
    protected $model = Classroom::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Evening class', 'instructor_id' => User::factory()->instructor()];
    }
}
