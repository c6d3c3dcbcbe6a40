<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Controllers\Controller;
use App\Http\Requests\People\ConfirmSecondFactorRequest;
use App\Http\Requests\People\EndSecondFactorRequest;
use App\Services\OneTimeCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** An instructor's second factor, if they want one: one-time codes from a phone. */
final class SecondFactorController extends Controller
{
    public const PENDING = 'second-factor';

    public function show(Request $request): JsonResponse
    {
        abort_if($request->user()?->isInstructor() !== true, 404);

        return response()->json(['isOn' => $request->user()->second_factor !== null]);
    }

    /** A secret to scan, on nobody's record until it is confirmed. */
    public function store(Request $request): JsonResponse
    {
        abort_if($request->user()?->isInstructor() !== true, 404);
        $secret = OneTimeCode::secret();
        $request->session()->put(self::PENDING, $secret);

        return response()->json(['secret' => $secret, 'address' => OneTimeCode::address($secret, $request->user()->username)]);
    }

    public function update(ConfirmSecondFactorRequest $request): Response
    {
        $request->confirm();

        return response()->noContent();
    }

    public function destroy(EndSecondFactorRequest $request): Response
    {
        $request->end();

        return response()->noContent();
    }
}
