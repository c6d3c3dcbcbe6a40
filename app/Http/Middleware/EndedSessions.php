<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Ends what was begun before somebody signed out everywhere. */
final class EndedSessions
{
    private const KEY = 'epoch';

    public static function begin(Request $request, User $user): void
    {
        $request->session()->put(self::KEY, $user->epoch);
    }

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession() && (int) $request->session()->get(self::KEY, 0) < $user->epoch) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
            if (in_array('auth', $request->route()->gatherMiddleware(), true)) {
                throw new AuthenticationException;
            }
        }

        return $next($request);
    }
}
