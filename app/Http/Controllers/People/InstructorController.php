<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\InviteInstructor;
use App\Http\Controllers\Controller;
use App\Http\Requests\People\InviteInstructorRequest;
use App\Http\Resources\People\UserResource;
use App\Models\User;
use App\Shapes\People\SlipShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Str;

final class InstructorController extends Controller
{
    private const PASSWORD_LENGTH = 12;

    public function index(): AnonymousResourceCollection
    {
        $this->authorize('create', User::class);

        return UserResource::collection(User::query()->where('role', 'instructor')->orderBy('name')->get());
    }

    public function store(InviteInstructorRequest $request, InviteInstructor $invite): JsonResponse
    {
        $password = Str::password(self::PASSWORD_LENGTH, symbols: false);

        return response()->json(SlipShape::of($invite->execute($request->name(), $password), $password), 201);
    }
}
