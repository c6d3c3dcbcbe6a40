<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Zwindle\Format\Read\JsonText;

/** Refuses a body that is larger than anything the application takes, before anything reads it. */
final class BoundBody
{
    /** A batch of two hundred steps is far below. */
    private const MOST_BYTES_OF_STEPS = 256_000;

    /** A picture that a browser has made small, in base 64. */
    private const MOST_BYTES_OF_A_PICTURE = 1_000_000;

    /** A board file in a field of its own is escaped once more. */
    private const MOST_BYTES = 2 * JsonText::MOST_BYTES;

    public function handle(Request $request, Closure $next): Response
    {
        $most = match (true) {
            $request->is('api/attempts/*/photographs') => self::MOST_BYTES_OF_A_PICTURE,
            $request->is('api/attempts/*') => self::MOST_BYTES_OF_STEPS,
            default => self::MOST_BYTES,
        };
        $length = (int) $request->headers->get('Content-Length', '0');
        if ($length > $most || strlen($request->getContent()) > $most) {
            return response()->json(['message' => __('messages.too-large')], 413);
        }

        return $next($request);
    }
}
