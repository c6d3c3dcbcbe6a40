<?php

declare(strict_types=1);

/*
 * How many variants each board gives and in what time, and what an attack with the house's marking finds; boards of the
 * library first, then chains of switches: `composer timings-tasks`.
 */

use Tests\Support\Chain;
use Zwindle\Board\Board;
use Zwindle\Exam\Grading\Attack;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Exam\Vary\Surface;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\GradingSchemeReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;

require dirname(__DIR__).'/vendor/autoload.php';

$root = dirname(__DIR__);
/** @var array<string, Board> $boards */
$boards = [];
foreach ([...(glob("$root/database/demo/*/board.json") ?: []), ...(glob("$root/database/patterns/*.board.json") ?: [])] as $path) {
    $name = str_contains($path, '/demo/') ? basename(dirname($path)) : basename($path, '.board.json');
    $boards[$name] = BoardReader::read((string) file_get_contents($path), new Problems);
}
foreach ([4, 6, 8, 12] as $switches) {
    $boards["chain of $switches"] = BoardReader::read((string) json_encode(Chain::files($switches)[0]), new Problems);
}
$marking = GradingSchemeReader::read((string) file_get_contents("$root/database/markings/wiring.marking.json"), new Problems);
$task = new TaskFile('bench', TaskKind::Wire, TaskMode::Exam);
$timed = function (callable $work): array {
    $from = hrtime(true);

    return [$work(), (hrtime(true) - $from) / 1e6];
};

printf("%-48s %9s %9s %6s | %6s %9s %7s %6s %8s\n", 'board', 'layouts', 'variants', 'ms', 'wall', 'mistakes', 'passing', 'losing', 'ms');
foreach ($boards as $name => $board) {
    $plan = Planner::plan($board)->plans[0];
    [$variants, $varied] = $timed(fn () => new Variants($board, VariedAspects::cases()));
    $wall = new Variants($board, array_values(array_filter(VariedAspects::cases(), Surface::Wall->allows(...))), Surface::Wall);
    [$attack, $attacked] = $timed(fn () => Attack::on($task, $marking, $plan));
    printf(
        "%-48s %9s %9d %6.0f | %6s %9s %7d %6s %8.0f\n", $name,
        count($variants->spread->layouts).' of '.$variants->spread->allLayouts, $variants->spread->telling(), $varied,
        count($wall->spread->layouts).' of '.$wall->spread->allLayouts,
        $attack->mistakes.($attack->hasPairs ? '' : '*'),
        count($attack->passing),
        count($attack->losing).' of '.$attack->oddities, $attacked,
    );
}
printf("Variants: layouts and faces. Mistakes with a star: singly only. Most memory: %.0f MB.\n", memory_get_peak_usage() / 1e6);
