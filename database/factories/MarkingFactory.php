<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Marking;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Facades\File;

/** @extends Factory<Marking> one of the house's */
final class MarkingFactory extends Factory
{
    protected $model = Marking::class;

    /** @return array<string, string> */
    public function definition(): array
    {
        return self::house('wiring');
    }

    public function named(string $name): self
    {
        return $this->state(self::house($name));
    }

    /** @return array<string, string> */
    private static function house(string $name): array
    {
        $json = File::get(database_path("markings/$name.marking.json"));

        return ['title' => json_decode($json)->title, 'json' => $json];
    }
}
