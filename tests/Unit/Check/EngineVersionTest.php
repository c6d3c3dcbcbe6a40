<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Check\Checker;
use Zwindle\Check\EngineVersion;
use Zwindle\Check\Findings\Finding;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\RepairSearch;

/**
 * What the corpus is judged to be, version by version. Where a digest changes, judgements that are kept no longer come out as they
 * were: the version counts up, and its digest is added here.
 */
const RULES_DIGESTS = [3 => '34c57b47cf9a7cbacbc290ab95f4a6f5'];
const ENGINE_DIGESTS = [3 => 'cd54c45e5ca75af8365e131bd0cc00b3'];

it('counts the rules up when anything of the corpus is judged otherwise', function () {
    $judged = [];
    foreach (Files::everyWiring() as $name => $pair) {
        $result = Checker::check(Files::wiring(...$pair));
        $judged[$name] = [
            $result->verdict->value,
            array_map(fn (Finding $finding) => [
                $finding->code->value,
                $finding->severity()->value,
                $finding->at,
                $finding->causedBy,
            ], $result->findings),
        ];
    }
    ksort($judged);

    expect(count($judged))->toBeGreaterThan(100)
        ->and(RULES_DIGESTS[EngineVersion::RULES] ?? null)->toBe(hash('xxh128', json_encode($judged, JSON_THROW_ON_ERROR)));
});

it('counts the engine up when anything of the corpus is repaired otherwise', function () {
    $repaired = [];
    foreach (Files::everyWiring() as $name => $pair) {
        $repaired[$name] = array_map(
            fn ($remedy) => array_map(fn (Move $move) => $move->key(), $remedy->moves),
            RepairSearch::of(Checker::check(Files::wiring(...$pair)))->repairs,
        );
    }
    ksort($repaired);

    expect(ENGINE_DIGESTS[EngineVersion::ENGINE] ?? null)->toBe(hash('xxh128', json_encode($repaired, JSON_THROW_ON_ERROR)));
});
