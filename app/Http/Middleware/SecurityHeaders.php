<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** A strict content security policy and its companions on every answer. */
final class SecurityHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        // A cookie that was given by HTTPS goes back by HTTPS alone.
        config(['session.secure' => config()->boolean('session.secure') || $request->isSecure()]);
        $nonce = Vite::useCspNonce();
        /** @var Response $response */
        $response = $next($request);
        $vite = self::viteWhileDeveloping();
        $style = $vite === '' ? "'nonce-$nonce'" : "'unsafe-inline'";
        $response->headers->add([
            'Content-Security-Policy' => implode('; ', [
                "default-src 'none'",
                "script-src 'self' 'nonce-$nonce'$vite",
                "style-src 'self' $style$vite",
                "img-src 'self' data:$vite",
                "font-src 'self'$vite",
                "connect-src 'self'$vite".str_replace(' http', ' ws', $vite),
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
        $seconds = config()->integer('app.hsts_seconds');
        if ($seconds > 0 && $request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', "max-age=$seconds");
        }
        // Answers are for now and for whoever asked; what may be kept says so itself.
        if ($request->is('api/*') && ! $response->headers->hasCacheControlDirective('max-age')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }
        $response->headers->remove('X-Powered-By');

        return $response;
    }

    /** Where `composer dev` serves scripts from; nothing anywhere else, whatever lies about in public/. */
    private static function viteWhileDeveloping(): string
    {
        return App::isLocal() && Vite::isRunningHot() ? ' '.trim(File::get(Vite::hotFile())) : '';
    }
}
