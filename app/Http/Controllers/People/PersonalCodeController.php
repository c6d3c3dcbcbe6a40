<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\PersonalCode;
use App\Http\Controllers\Controller;
use App\Models\User;
use App\Shapes\SlipShape;
use Illuminate\Http\JsonResponse;

final class PersonalCodeController extends Controller
{
    /** A new code, told once; the old one opens nothing any more. */
    public function store(User $trainee): JsonResponse
    {
        $this->authorize('update', $trainee);
        $code = PersonalCode::make();
        $trainee->update(['password' => PersonalCode::hash($code)]);

        return response()->json(SlipShape::of($trainee, $code), 201);
    }
}
