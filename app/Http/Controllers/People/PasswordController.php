<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Controllers\Controller;
use App\Http\Requests\People\ChangePasswordRequest;
use Illuminate\Http\Response;

final class PasswordController extends Controller
{
    /** An instructor's own; every other session of theirs ends. */
    public function update(ChangePasswordRequest $request): Response
    {
        $request->change();

        return response()->noContent();
    }
}
