<?php

declare(strict_types=1);

use App\Services\SignInPace;

function failSignIns(int $times, string $name, string $device, bool $isKnownDevice = false): void
{
    for ($i = 0; $i < $times; $i++) {
        SignInPace::failed($name, $device, $isKnownDevice);
    }
}

it('slows a name down after six tries at once, and does not lock it', function () {
    failSignIns(5, 'quill', 'tablet');
    expect(SignInPace::wait('quill', 'tablet', false))->toBe(0);
    failSignIns(1, 'quill', 'tablet');
    expect(SignInPace::wait('quill', 'tablet', false))->toBeGreaterThan(0)->toBeLessThanOrEqual(5);

    $this->travel(6)->seconds();
    expect(SignInPace::wait('quill', 'tablet', false))->toBe(0);
    failSignIns(1, 'quill', 'tablet');
    expect(SignInPace::wait('quill', 'tablet', false))->toBeGreaterThan(0)->toBeLessThanOrEqual(5);
});

it('begins the pause anew with every try', function () {
    failSignIns(6, 'quill', 'tablet');
    $this->travel(4)->seconds();
    failSignIns(1, 'quill', 'tablet');
    $this->travel(3)->seconds();

    expect(SignInPace::wait('quill', 'tablet', false))->toBeGreaterThan(0);
});

it('gives free tries again when a minute has passed', function () {
    failSignIns(6, 'quill', 'tablet');
    $this->travel(61)->seconds();
    failSignIns(1, 'quill', 'tablet');

    expect(SignInPace::wait('quill', 'tablet', false))->toBe(0);
});

it('lets a trainee in on their own device whatever a classmate tries elsewhere', function () {
    failSignIns(12, 'quill', 'a classmate');

    expect(SignInPace::wait('quill', 'own tablet', true))->toBe(0)
        ->and(SignInPace::wait('another', 'own tablet', false))->toBe(0);
});

it('bounds the tries of one device, known or not, until one succeeds', function () {
    failSignIns(19, 'quill', 'tablet', true);
    expect(SignInPace::wait('quill', 'tablet', true))->toBe(0);
    failSignIns(1, 'quill', 'tablet', true);
    expect(SignInPace::wait('quill', 'tablet', true))->toBeGreaterThan(0)->toBeLessThanOrEqual(60);

    SignInPace::succeeded('tablet');
    expect(SignInPace::wait('quill', 'tablet', true))->toBe(0);
});
