<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** A strict content security policy and its companions on every answer. */
final class SecurityHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        /** @var Response $response */
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => implode('; ', [
                "default-src 'none'",
                "script-src 'self' 'nonce-$nonce'",
                "style-src 'self' 'nonce-$nonce'",
                "img-src 'self' data:",
                "font-src 'self'",
                "connect-src 'self'",
                "form-action 'self'",
                "base-uri 'none'",
                "frame-ancestors 'none'",
            ]),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
        ]);
        $response->headers->remove('X-Powered-By');

        return $response;
    }
}
