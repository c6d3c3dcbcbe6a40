<?php

declare(strict_types=1);

/*
 * So many trainees with the first board set to them, on the database of a demo; prints the numbers of their attempts as JSON.
 *
 *   php timings/class.php 40
 */

require __DIR__.'/../vendor/autoload.php';

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

use App\Actions\Classes\SetAssignment;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\User;

$ids = [];
foreach (range(1, (int) ($argv[1] ?? 40)) as $i) {
    $ids[] = User::query()->firstOrCreate(['username' => "load$i"], ['name' => "Load $i", 'role' => 'trainee', 'password' => 'lights-on'])->id;
}
$assignment = app(SetAssignment::class)->execute(Classroom::query()->firstOrFail(), BoardFile::query()->firstOrFail(), $ids, null);
echo json_encode($assignment->attempts()->orderBy('trainee_id')->pluck('id'));
