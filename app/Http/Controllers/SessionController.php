<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\People\SignInRequest;
use App\Http\Resources\People\UserResource;
use App\Models\User;
use App\Shapes\Boards\PracticesShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return $this->of($user);
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $request->authenticate();
        $request->session()->regenerate();

        return $this->of($request->user());
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    private function of(?User $user): JsonResponse
    {
        return response()->json([
            'user' => $user === null ? null : UserResource::make($user),
            'isDemo' => config()->boolean('app.demo'),
            'isPasswordOwn' => $user->is_password_own ?? true,
            'practices' => $user === null ? [] : PracticesShape::all(),
        ]);
    }
}
