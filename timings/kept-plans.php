<?php

declare(strict_types=1);

/*
 * Which of Laravel's stores keeps plans best: writes and reads what the planner made of demo boards in the file store and in the
 * database store: `composer timings-kept-plans`.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Schema;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;

require dirname(__DIR__).'/vendor/autoload.php';

const TIMES = 20;

$database = (string) tempnam(sys_get_temp_dir(), 'bench');
foreach (['DB_DATABASE' => $database, 'APP_ENV' => 'testing', 'LOG_CHANNEL' => 'null'] as $name => $value) {
    $_ENV[$name] = $_SERVER[$name] = $value;
    putenv("$name=$value");
}
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
Schema::create('cache', function ($table) {
    $table->string('key')->primary();
    $table->mediumText('value');
    $table->integer('expiration');
});
$median = function (callable $work): float {
    $all = [];
    for ($i = 0; $i < TIMES; $i++) {
        $from = hrtime(true);
        $work();
        $all[] = (hrtime(true) - $from) / 1e6;
    }
    sort($all);

    return $all[intdiv(TIMES, 2)];
};
printf("%-20s %6s | %9s | %10s %9s | %10s %9s\n", 'board', 'plans', 'worked out', 'file write', 'read', 'db write', 'read');
foreach (['propagation-house', 'packing-barn', 'three-sheds'] as $slug) {
    $board = BoardReader::read((string) file_get_contents(database_path("demo/$slug/board.json")), new Problems);
    $planning = Planner::plan($board, all: true);
    $figures = [$median(fn () => Planner::plan($board, all: true))];
    foreach (['file', 'database'] as $store) {
        $figures[] = $median(fn () => Cache::store($store)->put("bench/$slug", $planning, 60));
        $figures[] = $median(fn () => Cache::store($store)->get("bench/$slug"));
        Cache::store($store)->forget("bench/$slug");
    }
    printf("%-20s %6d | %7.1f ms | %7.2f ms %6.2f ms | %7.2f ms %6.2f ms\n", $slug, count($planning->plans), ...$figures);
}
array_map(fn (string $end) => @unlink($database.$end), ['', '-wal', '-shm']);
