<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\TryAgain;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\RetryRequest;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class RetryController extends Controller
{
    public function store(RetryRequest $request, Attempt $attempt, TryAgain $again): Response
    {
        $again->execute($attempt, $request->isFromBare());

        return response()->noContent();
    }
}
