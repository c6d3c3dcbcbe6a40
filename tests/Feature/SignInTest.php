<?php

declare(strict_types=1);

use App\Models\User;
use App\Services\OneTimeCode;
use App\Services\OwnPassword;
use Tests\Support\People;

it('makes the codes of RFC 6238', function (int $at, string $code) {
    // Source: RFC 6238, appendix B, SHA-1, eight digits, the key in ASCII.
    $key = '12345678901234567890';
    expect(OneTimeCode::at($key, intdiv($at, 30), 8))->toBe($code)
        ->and(OneTimeCode::stepOf(OneTimeCode::toBase32($key), substr($code, 2), $at, 0))->toBe(intdiv($at, 30));
})->with([
    [59, '94287082'], [1111111109, '07081804'], [1111111111, '14050471'], [1234567890, '89005924'],
    [2000000000, '69279037'], [20000000000, '65353130'],
]);

it('writes base 32 as RFC 4648 has it', function (string $bytes, string $text) {
    // Source: RFC 4648, section 10, without the padding.
    expect(OneTimeCode::toBase32($bytes))->toBe($text)->and(OneTimeCode::fromBase32($text))->toBe($bytes);
})->with([['f', 'MY'], ['fo', 'MZXQ'], ['foo', 'MZXW6'], ['foob', 'MZXW6YQ'], ['fooba', 'MZXW6YTB'], ['foobar', 'MZXW6YTBOI']]);

/** An instructor whose password is known. */
function withPassword(string $password = 'four odd words here'): User
{
    $user = People::user('instructor');
    $user->update(['password' => $password]);

    return $user->refresh();
}

it('asks for the second factor once it is on, takes each code once, and turns off by the password', function () {
    $this->travelTo('2026-11-29 12:00:00');
    $user = withPassword();
    $this->actingAs($user);
    $this->putJson('api/second-factor', ['code' => '123456'])->assertUnprocessable();
    $secret = $this->postJson('api/second-factor')->assertOk()->json('secret');
    $code = fn () => OneTimeCode::at(OneTimeCode::fromBase32($secret), intdiv(now()->getTimestamp(), 30));
    $this->putJson('api/second-factor', ['code' => '000000'])->assertUnprocessable();
    $this->putJson('api/second-factor', ['code' => $code()])->assertNoContent();
    $this->getJson('api/second-factor')->assertJsonPath('isOn', true);
    expect(Illuminate\Support\Facades\DB::table('users')->where('id', $user->id)->value('second_factor'))->not->toContain($secret)
        ->and($this->getJson('api/session')->getContent())->not->toContain($secret);
    $this->deleteJson('api/session');

    $signIn = fn (array $more = []) => $this->postJson('api/session', ['username' => $user->username, 'password' => 'four odd words here', ...$more]);
    $signIn()->assertUnprocessable()->assertJsonPath('errors.code.0', 'Enter the six digits your phone shows now.');
    // A wrong password is told before any code is asked for.
    $this->postJson('api/session', ['username' => $user->username, 'password' => 'no'])->assertUnprocessable()->assertJsonMissingPath('errors.code');
    $signIn(['code' => '111111'])->assertUnprocessable();
    // The code that turned it on is used up.
    $signIn(['code' => $code()])->assertUnprocessable();
    $this->travel(31)->seconds();
    $used = $code();
    $signIn(['code' => $used])->assertOk();
    $this->deleteJson('api/session');
    $signIn(['code' => $used])->assertUnprocessable();
    $this->travel(31)->seconds();
    $signIn(['code' => $code()])->assertOk();
    $this->deleteJson('api/second-factor', ['current' => 'guess'])->assertUnprocessable();
    $this->deleteJson('api/second-factor', ['current' => 'four odd words here'])->assertNoContent();
    $this->deleteJson('api/session');
    $signIn()->assertOk();
});

it('slows guessing of codes as it slows guessing of passwords', function () {
    $user = withPassword();
    $user->update(['second_factor' => OneTimeCode::secret()]);
    $statuses = [];
    for ($i = 0; $i < 9; $i++) {
        $statuses[] = $this->postJson('api/session', [
            'username' => $user->username, 'password' => 'four odd words here', 'code' => sprintf('%06d', $i),
        ])->status();
    }
    expect($statuses)->toContain(429);
});

it('has a second factor for instructors alone', function () {
    $this->actingAs(People::user('trainee'));
    $this->getJson('api/second-factor')->assertNotFound();
    $this->postJson('api/second-factor')->assertNotFound();
    $this->putJson('api/second-factor', ['code' => '1'])->assertForbidden();
    $this->deleteJson('api/second-factor', ['current' => 'x'])->assertForbidden();
});

it('signs out everywhere else', function () {
    $user = withPassword();
    $elsewhere = $this->actingAs($user)->withSession(['epoch' => 0]);
    $elsewhere->getJson('api/board-files')->assertOk();
    $this->deleteJson('api/sessions')->assertNoContent();
    // Here one stays.
    $this->getJson('api/board-files')->assertOk();
    $this->withSession(['epoch' => 0])->actingAs($user->refresh())->getJson('api/board-files')->assertUnauthorized();
});

it('takes no password that is tried first', function (string $password, ?string $fault) {
    expect(OwnPassword::fault($password, 'Marit Halloway'))->toBe($fault);
})->with([
    ['short', 'short'], [str_repeat('x', 73), 'short'], ['aaaaaaaaaaaa', 'common'], ['1234567890', 'common'], ['0987654321', 'common'],
    ['password123', 'common'], ['Password123!', 'common'], ['QWERTYUIOP', 'common'], ['electrician1', 'common'], ['iloveyou2026', 'common'],
    ['halloway1987', 'own-name'], ['marithalloway', 'own-name'], ['zwindle12345', 'own-name'],
    ['four odd words here', null], ['kettle-bramble-oboe', null], ['Øresund broen 7', null],
]);

it('tells why a password is not taken, where it is changed and where an account is made', function () {
    $user = withPassword();
    $this->actingAs($user)->putJson('api/password', ['current' => 'four odd words here', 'password' => 'password123'])
        ->assertUnprocessable()->assertJsonPath('errors.password.0', fn (string $said) => str_contains($said, 'easy to guess'));
    $this->putJson('api/password', ['current' => 'four odd words here', 'password' => 'kettle-bramble-oboe'])->assertNoContent();
    $this->artisan('zwindle:instructor', ['name' => 'Ada Reyes', '--password' => 'electrician1'])->assertExitCode(2);
});
