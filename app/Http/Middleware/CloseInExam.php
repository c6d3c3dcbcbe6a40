<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Attempt;
use App\Services\ExamGate;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** To a trainee in an exam every address answers 403 but those of the exam. A new route is closed unless the gate lists it. */
final class CloseInExam
{
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        $attempt = $request->route('attempt');
        $address = $request->method().' '.substr($request->route()->uri(), strlen('api/'));
        $isClosed = $person !== null
            && ExamGate::closes($person, str_replace('HEAD ', 'GET ', $address), $attempt instanceof Attempt ? $attempt->id : null);

        return $isClosed ? response()->json(['message' => __('messages.exam-open')], 403) : $next($request);
    }
}
