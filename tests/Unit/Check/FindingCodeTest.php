<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Exam\Task\RulesInForce;

it('is never found in a practice that does not know it', function (string $board, string $wiring) {
    $result = Checker::check(Files::wiring($board, $wiring));
    $foreign = array_filter($result->findings, fn ($finding) => ! $finding->code->isIn($result->evidence->board->practice));

    expect(array_map(fn ($finding) => $finding->code->value, $foreign))->toBe([]);
})->with(Files::everyWiring());

it('is known in one practice at least, every danger in both, and every fault but those of a part that one of them lacks', function (
    FindingCode $code,
) {
    $in = array_filter(Practice::all(), $code->isIn(...));
    $isOfOnePart = in_array($code, [FindingCode::RosePolarity, FindingCode::OutletReversed], true);

    expect($in)->not->toBe([])
        ->and(count($in) === 2 || $isOfOnePart || in_array($code->severity(), [Severity::Remark, Severity::Note], true))->toBeTrue();
})->with(FindingCode::cases());

it('offers for raising what boards of the practice can earn', function () {
    $codes = fn (Practice $practice) => array_map(fn (FindingCode $code) => $code->value, RulesInForce::remarksIn($practice));

    expect(array_values(array_diff($codes(Practice::from('na')), $codes(Practice::from('gb')))))->toBe([
        'white-single-as-line',
        'return-on-white',
        'box-overfilled',
        'scheme-not-accepted-everywhere',
        'breaker-too-large',
        'parallel-path',
        'house-layout',
    ])
        ->and(array_values(array_diff(
            $codes(Practice::from('gb')),
            $codes(Practice::from('na')),
        )))->toBe(['earth-unsleeved', 'flex-reversed', 'rose-blocks-exchanged', 'rocker-inverted', 'rcd-absent']);
});
