<?php

use App\Care\ErrorNumber;
use App\Care\StorageFault;
use App\Exceptions\InputRefused;
use App\Exceptions\SearchPutOff;
use App\Exceptions\SeatsWouldFail;
use App\Http\Middleware\BoundBody;
use App\Http\Middleware\EndedSessions;
use App\Http\Middleware\PassSearchGate;
use App\Http\Middleware\SecurityHeaders;
use App\Wording\ProblemSentence;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;

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
    ->withExceptions(function (Exceptions $exceptions) {
        $exceptions->dontReport([InputRefused::class, SearchPutOff::class, SeatsWouldFail::class]);
        $exceptions->render(fn (SearchPutOff $putOff) => response()->json([
            'message' => $putOff->getMessage(),
            'again' => $putOff->status === 429,
        ], $putOff->status, ['Retry-After' => '1']));
        $exceptions->render(fn (InputRefused $refusal) => response()->json([
            'message' => $refusal->getMessage(),
            'problems' => ProblemSentence::all($refusal->problems),
        ], 422));
        $exceptions->render(fn (SeatsWouldFail $failing) => response()->json([
            'message' => $failing->getMessage(),
            'problems' => $failing->problems(),
        ], 422));
        $exceptions->render(fn (PostTooLargeException $tooLarge) => response()->json(['message' => __('messages.too-large')], 413));
        // A full disk, a file that cannot be written: what was asked is to be asked again, and a browser does so by itself.
        $exceptions->render(function (PDOException $fault, Request $request) {
            $kind = StorageFault::of($fault, dirname((string) config('database.connections.sqlite.database')));

            return $kind === null || ! $request->is('api/*') ? null : response()->json(
                ['message' => __("messages.storage.$kind", ['number' => ErrorNumber::now()]), 'number' => ErrorNumber::now()],
                503,
                ['Retry-After' => '5'],
            );
        });
        // What nobody foresaw: a number that can be read out, and nothing else.
        $exceptions->respond(function (Response $response, Throwable $fault, Request $request): Response {
            return $response->getStatusCode() === 500 && $request->is('api/*')
                ? response()->json(['message' => __('messages.went-wrong', ['number' => ErrorNumber::now()]), 'number' => ErrorNumber::now()], 500)
                : $response;
        });
        $exceptions->shouldRenderJsonWhen(fn (Request $request) => $request->is('api/*') || $request->expectsJson());
    })
    ->create();
