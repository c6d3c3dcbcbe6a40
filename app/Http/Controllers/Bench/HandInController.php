<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\HandIn;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class HandInController extends Controller
{
    public function store(Attempt $attempt, HandIn $handIn): Response
    {
        $this->authorize('work', $attempt);
        $handIn->execute($attempt);

        return response()->noContent();
    }
}
