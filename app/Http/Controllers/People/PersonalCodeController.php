<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\GiveNewCode;
use App\Http\Controllers\Controller;
use App\Models\User;
use App\Shapes\People\SlipShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PersonalCodeController extends Controller
{
    /** A new code, shown once; the old one no longer works. */
    public function store(Request $request, User $trainee, GiveNewCode $give): JsonResponse
    {
        $this->authorize('giveCode', $trainee);
        $code = $give->execute($trainee, $request->user() ?? abort(401));

        return response()->json(SlipShape::of($trainee, $code), 201);
    }
}
