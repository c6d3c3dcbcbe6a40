<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\UsualMistakes;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;

/** @return list<string> causes that are no notes, and not the same danger again at the next lamp */
function mistakesIn(array $causes): array
{
    $told = array_filter($causes, fn (Finding $finding) => $finding->code->severity() !== Severity::Note);

    return array_values(array_unique(array_map(fn (Finding $finding) => $finding->code->value, $told)));
}

it('tells one mistake as one mistake with its symptoms', function (string $board, string $wiring) {
    $right = Files::wiring($board, $wiring);
    $mistakes = UsualMistakes::on($right);
    $several = [];
    $passed = 0;
    foreach ($mistakes as $what => $wrong) {
        $result = Checker::check($wrong);
        $told = mistakesIn($result->causes());
        $passed += $result->verdict === Verdict::Pass ? 1 : 0;
        if (count($told) > 1) {
            $several[$what] = $told;
        }
    }

    expect($several)->toBe([])
        ->and(count($mistakes))->toBeGreaterThan(10)
        // Only exchanges of like with like are no mistake.
        ->and($passed)->toBeLessThan(count($mistakes) / 5);
})->with(Files::rightWirings());

it('fails every crossed traveller, split pair, look-alike part and open end', function (string $board, string $wiring) {
    $mistakes = UsualMistakes::on(Files::wiring($board, $wiring));
    $sure = array_filter(
        $mistakes,
        fn (string $what) => preg_match('/^common|^pair|^two-pole|^line and neutral|off and capped$/', $what) === 1,
        ARRAY_FILTER_USE_KEY,
    );
    $passed = array_filter($sure, fn ($wrong) => Checker::check($wrong)->verdict === Verdict::Pass);

    expect($sure)->not->toBe([])->and(array_keys($passed))->toBe([]);
})->with(Files::rightWirings());
