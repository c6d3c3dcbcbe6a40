<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Controllers\Controller;
use App\Http\Middleware\EndedSessions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Signing out wherever else one is signed in. */
final class EverySessionController extends Controller
{
    public function destroy(Request $request): Response
    {
        $user = $request->user() ?? abort(401);
        $user->update(['epoch' => $user->epoch + 1]);
        EndedSessions::begin($request, $user);
        $request->session()->regenerate();

        return response()->noContent();
    }
}
