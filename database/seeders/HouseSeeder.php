<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Marking;
use Illuminate\Database\Seeder;

/** What every installation has, with demo data or without: the markings of the house. */
final class HouseSeeder extends Seeder
{
    public function run(): void
    {
        foreach (['wiring', 'answers', 'station'] as $name) {
            $json = (string) file_get_contents(database_path("markings/$name.marking.json"));
            Marking::query()->firstOrCreate(['instructor_id' => null, 'title' => Marking::read($json)->title], ['json' => $json]);
        }
    }
}
