<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\BoardFile;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Facades\File;

/** @extends Factory<BoardFile> a board of the demo that every instructor has */
final class BoardFileFactory extends Factory
{
    protected $model = BoardFile::class;

    /** @return array<string, string> */
    public function definition(): array
    {
        return self::demo('propagation-house');
    }

    public function of(string $slug): self
    {
        return $this->state(self::demo($slug));
    }

    /** @return array<string, string> */
    private static function demo(string $slug): array
    {
        $json = File::get(database_path("demo/$slug/board.json"));

        return ['title' => $slug, 'practice' => json_decode($json)->practice, 'brief' => 'Wire it.', 'json' => $json];
    }
}
