<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\TryAgain;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class RetryController extends Controller
{
    public function store(Attempt $attempt, TryAgain $again): Response
    {
        $this->authorize('work', $attempt);
        $again->execute($attempt);

        return response()->noContent();
    }
}
