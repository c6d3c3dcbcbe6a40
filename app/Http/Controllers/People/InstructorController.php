<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\PersonName;
use App\Http\Controllers\Controller;
use App\Http\Requests\People\InviteInstructorRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use App\Shapes\SlipShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

final class InstructorController extends Controller
{
    private const PASSWORD_LENGTH = 12;

    public function index(): AnonymousResourceCollection
    {
        $this->authorize('create', User::class);

        return UserResource::collection(User::query()->where('role', 'instructor')->orderBy('name')->get());
    }

    /** Invites another: the password of the slip is to be changed when they come. */
    public function store(InviteInstructorRequest $request): JsonResponse
    {
        $password = Str::password(self::PASSWORD_LENGTH, symbols: false);
        // Two who invite somebody of one name at once come one after the other: each gets a name to sign in with.
        $instructor = DB::transaction(fn () => User::query()->create([
            'name' => $request->name(),
            'username' => PersonName::toSignIn($request->name()),
            'role' => 'instructor',
            'password' => $password,
            'is_password_own' => false,
        ]));

        return response()->json(SlipShape::of($instructor, $password), 201);
    }
}
