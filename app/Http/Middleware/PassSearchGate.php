<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Services\SearchGate;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sends what searches through the gate: `search`, `search:look` where only the newest counts, `search:whole` where it may not be cut off.
 */
final readonly class PassSearchGate
{
    public function __construct(private SearchGate $gate)
    {
    }

    public function handle(Request $request, Closure $next, string $how = ''): Response
    {
        return $this->gate->pass($request->user() ?? abort(401), fn (): Response => $next($request), $how === 'look', $how !== 'whole');
    }
}
