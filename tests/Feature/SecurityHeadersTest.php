<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Vite;

it('lets scripts of a development server in while developing, and nowhere else', function (string $environment, bool $isLetIn) {
    $hot = tempnam(sys_get_temp_dir(), 'hot');
    file_put_contents((string) $hot, 'http://127.0.0.1:5173');
    Vite::useHotFile((string) $hot);
    app()->detectEnvironment(fn () => $environment);
    $policy = (string) $this->getJson('api/session')->headers->get('Content-Security-Policy');
    unlink((string) $hot);

    expect(str_contains($policy, '127.0.0.1:5173'))->toBe($isLetIn)->and(str_contains($policy, 'unsafe-inline'))->toBe($isLetIn)
        ->and($policy)->toContain("default-src 'none'")->toContain("frame-ancestors 'none'");
})->with([['production', false], ['testing', false], ['local', true]]);

it('has no word of a development server where none runs', function () {
    app()->detectEnvironment(fn () => 'local');

    expect((string) $this->getJson('api/session')->headers->get('Content-Security-Policy'))->not->toContain('http')->not->toContain('unsafe');
});
