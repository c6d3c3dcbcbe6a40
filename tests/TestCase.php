<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Tests\Support\HttpContract;

/** Whatever a test asks over HTTP, the request and the answer are held against the contract. */
abstract class TestCase extends BaseTestCase
{
    /** Another person at the same test signs in: the session that the last one's password opened is none of theirs. */
    public function be(Authenticatable $user, $guard = null)
    {
        $this->app['session']->forget('password_hash_web');

        return parent::be($user, $guard);
    }

    protected function createTestResponse($response, $request): TestResponse
    {
        $faults = HttpContract::faultsIn($request, $response);
        if ($faults !== []) {
            Assert::fail("Against the HTTP contract:\n".implode("\n", array_slice($faults, 0, 12)));
        }

        return parent::createTestResponse($response, $request);
    }
}
