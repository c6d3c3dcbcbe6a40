<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Tests\Support\HttpContract;
use Tests\Support\WritesSeen;

/** Whatever a test asks over HTTP, the request and the answer are held against the contract; and what is read writes nothing. */
abstract class TestCase extends BaseTestCase
{
    /** Another person at the same test signs in: the session that the last one's password opened is none of theirs. */
    public function be(Authenticatable $user, $guard = null)
    {
        $this->app['session']->forget('password_hash_web');

        return parent::be($user, $guard);
    }

    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $written = WritesSeen::in(fn () => parent::call($method, $uri, $parameters, $cookies, $files, $server, $content), $response);
        // Whether the database takes anything is what `health` tries.
        if (in_array($method, ['GET', 'HEAD'], true) && trim($uri, '/') !== 'health' && $written !== []) {
            Assert::fail("$method $uri wrote:\n".implode("\n", $written));
        }

        return $response;
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
