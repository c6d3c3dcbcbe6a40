<?php

declare(strict_types=1);

use App\Console\Pages\CheckPage;
use App\Shapes\Bench\CheckShape;
use App\Shapes\Boards\FillShape;
use App\Wording\ProblemSentence;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Process\Process;
use Tests\Support\Files;
use Tests\Support\MutatedFile;
use Tests\Support\Share;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Advice;

/** @return string what became of two files: `refused`, or the verdict */
function readAndJudge(string $boardText, string $wiringText): string
{
    $problems = new Problems;
    $board = BoardReader::read($boardText, $problems);
    $wiring = $board === null || $board->undecidedCables() !== [] ? null : WiringReader::read($wiringText, $board, $problems);
    if ($wiring === null || $board === null) {
        foreach (ProblemSentence::all($problems->all()) as ['message' => $message]) {
            expect($message)->not->toBe('');
        }
        // Nothing is refused without a reason.
        expect($problems->any() || ($board?->undecidedCables() ?? []) !== [])->toBeTrue();

        return 'refused';
    }
    $result = Checker::check($wiring);
    (new CheckPage(Advice::of($result)))->print(new Illuminate\Console\OutputStyle(new ArrayInput([]), new BufferedOutput));
    CheckShape::of(Advice::of($result));
    if ($board->practice->is(Practice::from('na'))) {
        FillShape::of($board, new FillCount($board, $board->edition));
    }

    return $result->verdict->value;
}

it('reads, judges or refuses spoilt files without a notice', function () {
    set_error_handler(fn (
        int $level,
        string $message,
        string $file,
        int $line,
    ) => throw new ErrorException($message, 0, $level, $file, $line));
    $spoiler = new MutatedFile(seed: 8);
    $pairs = array_values(Files::everyWiring());
    $became = [];
    try {
        foreach (Share::of(1000, least: 300) as $i) {
            [$board, $wiring] = $pairs[$i % count($pairs)];
            $which = $i % 3;
            $outcome = readAndJudge(
                $which === 1 ? Files::text($board) : $spoiler->of(Files::text($board)),
                $which === 0 ? Files::text($wiring) : $spoiler->of(Files::text($wiring)),
            );
            $became[$outcome] = ($became[$outcome] ?? 0) + 1;
        }
    } finally {
        restore_error_handler();
    }

    $judged = ($became['fail'] ?? 0) + ($became['remarks'] ?? 0) + ($became['pass'] ?? 0);
    // Some of each: the spoiling is neither too little nor too much.
    expect($became['refused'] ?? 0)->toBeGreaterThan(array_sum($became) / 5)->and($judged)->toBeGreaterThan(array_sum($became) / 10);
});

it('exits with 0, 1 or 2 and never shows a trace', function () {
    $spoiler = new MutatedFile(seed: 9);
    $pairs = array_values(Files::everyWiring());
    $folder = sys_get_temp_dir().'/zwindle-fuzz-'.bin2hex(random_bytes(4));
    mkdir($folder);
    $statuses = [];
    foreach (['zwindle:check', 'zwindle:spice', 'zwindle:fill', 'zwindle:figures', 'zwindle:meter'] as $c => $command) {
        foreach (Share::of(8, least: 3, seconds: 1.0) as $i) {
            [$board, $wiring] = $pairs[($c * 31 + $i * 7) % count($pairs)];
            file_put_contents("$folder/board.json", $i % 2 === 0 ? $spoiler->of(Files::text($board)) : Files::text($board));
            file_put_contents("$folder/wiring.json", $spoiler->of(Files::text($wiring)));
            $arguments = match ($command) {
                'zwindle:fill' => ["$folder/board.json"],
                'zwindle:meter' => ["$folder/board.json", "$folder/wiring.json", 'S1.common', 'PS.neutral'],
                default => ["$folder/board.json", "$folder/wiring.json"],
            };
            $process = new Process([PHP_BINARY, 'artisan', $command, ...$arguments], Files::path(''));
            $process->run();
            $statuses[$process->getExitCode()] = true;
            expect($process->getOutput().$process->getErrorOutput())->not->toMatch(
                '/Stack trace|Exception|Warning:|Notice:|Deprecated:|#0 /',
            );
        }
    }
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);

    expect(array_diff(array_keys($statuses), [0, 1, 2]))->toBe([])->and($statuses)->toHaveKey(2);
});

it('answers sixteen switches on sixty cables in 128 MB, every state of them', function () {
    $folder = sys_get_temp_dir().'/zwindle-large-'.bin2hex(random_bytes(4));
    mkdir($folder);
    [$board, $wiring] = Tests\Support\Chain::files(switches: 16, sheds: 43);
    file_put_contents("$folder/board.json", json_encode($board));
    file_put_contents("$folder/wiring.json", json_encode($wiring));
    $process = new Process([
        PHP_BINARY,
        '-d',
        'memory_limit=128M',
        'artisan',
        'zwindle:check',
        "$folder/board.json",
        "$folder/wiring.json",
        '--json',
    ], Files::path(''));
    $process->run();
    $json = json_decode($process->getOutput(), true);
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);

    expect(count($board['cables']))->toBe(60)
        ->and($process->getExitCode())->toBe(0)
        ->and($json['verdict'])->toBe('pass')
        ->and($json['states'])->toHaveCount(65536)
        // An even number of paddles down, on the last state as on the first.
        ->and($json['states'][65535]['lamps']['LA'])->toBe($json['states'][0]['lamps']['LA'])
        ->and($json['states'][65535]['switches']['S16'])->toBe('down');
});
