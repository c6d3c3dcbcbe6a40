<?php

declare(strict_types=1);

namespace App\Http;

use App\Care\ErrorNumber;
use App\Care\StorageFault;
use App\Exceptions\InputRefused;
use App\Exceptions\MovedOn;
use App\Exceptions\MoveRefused;
use App\Exceptions\NotThere;
use App\Exceptions\SearchPutOff;
use App\Exceptions\SeatsWouldFail;
use App\Exceptions\WorkRefused;
use App\Wording\ProblemSentence;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** What the product refuses, and what goes wrong, as HTTP: the one place where a refusal gets its status and its shape. */
final class Refusals
{
    /** What is refused is no fault of the server: it is answered and not logged. */
    private const NOT_LOGGED = [
        InputRefused::class, WorkRefused::class, MoveRefused::class, MovedOn::class, NotThere::class, SearchPutOff::class,
        SeatsWouldFail::class,
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(self::NOT_LOGGED);
        $exceptions->render(fn (InputRefused $refusal) => self::problems($refusal, ProblemSentence::all($refusal->problems)));
        $exceptions->render(fn (SeatsWouldFail $failing) => self::problems($failing, $failing->problems()));
        // As the framework answers what a request's own rules refuse.
        $exceptions->render(fn (WorkRefused $refusal) => response()->json([
            'message' => $refusal->getMessage(),
            'errors' => [$refusal->about => [$refusal->getMessage()]],
        ], 422));
        $exceptions->render(fn (MoveRefused|MovedOn $refusal) => self::message($refusal, 409));
        $exceptions->map(NotThere::class, fn (NotThere $refusal) => new NotFoundHttpException(previous: $refusal));
        $exceptions->render(fn (SearchPutOff $putOff) => response()->json([
            'message' => $putOff->getMessage(),
            'again' => $putOff->status === 429,
        ], $putOff->status, ['Retry-After' => '1']));
        $exceptions->render(fn (PostTooLargeException $tooLarge) => response()->json(['message' => __('messages.too-large')], 413));
        $exceptions->render(self::storageFault(...));
        $exceptions->respond(self::unforeseen(...));
        $exceptions->shouldRenderJsonWhen(fn (Request $request) => $request->is('api/*') || $request->expectsJson());
    }

    private static function message(Throwable $refusal, int $status): JsonResponse
    {
        return response()->json(['message' => $refusal->getMessage()], $status);
    }

    /** @param  list<array{pointer: string, message: string}>  $problems */
    private static function problems(Throwable $refusal, array $problems): JsonResponse
    {
        return response()->json(['message' => $refusal->getMessage(), 'problems' => $problems], 422);
    }

    /** A full disk, a file that cannot be written: the same request can be sent again, and the browser does so by itself. */
    private static function storageFault(PDOException $fault, Request $request): ?JsonResponse
    {
        $kind = StorageFault::of($fault, dirname((string) config('database.connections.sqlite.database')));

        return $kind === null || ! $request->is('api/*') ? null : response()->json(
            ['message' => __("messages.storage.$kind", ['number' => ErrorNumber::now()]), 'number' => ErrorNumber::now()],
            503,
            ['Retry-After' => '5'],
        );
    }

    /** What nobody foresaw: a number that can be read out, and nothing else. */
    private static function unforeseen(Response $response, Throwable $fault, Request $request): Response
    {
        $number = ErrorNumber::now();

        return $response->getStatusCode() === 500 && $request->is('api/*')
            ? response()->json(['message' => __('messages.went-wrong', ['number' => $number]), 'number' => $number], 500)
            : $response;
    }
}
