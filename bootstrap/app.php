<?php

use App\Http\Middleware\BoundBody;
use App\Http\Middleware\EndedSessions;
use App\Http\Middleware\PassSearchGate;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Refusals;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        then: function () {
            Route::middleware(['web', 'throttle:person'])->prefix('api')->group(__DIR__.'/../routes/api.php');
            Route::middleware('web')->group(__DIR__.'/../routes/web.php');
        },
    )
    ->withMiddleware(function (Middleware $middleware) {
        // Whom to believe about addresses and HTTPS is a setting: App\Providers\AppServiceProvider.
        // Same origin throughout: nothing is shared across origins.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(BoundBody::class);
        $middleware->alias(['search' => PassSearchGate::class]);
        // A password or a code that is changed ends every other session that it opened.
        $middleware->authenticateSessions();
        $middleware->web(append: [EndedSessions::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(Refusals::register(...))
    ->create();
