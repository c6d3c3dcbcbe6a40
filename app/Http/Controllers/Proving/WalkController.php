<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Http\Controllers\Controller;
use App\Http\Resources\Proving\WalkResource;
use App\Models\Attempt;
use App\Queries\Proving\Proving;

final class WalkController extends Controller
{
    public function show(Attempt $attempt): WalkResource
    {
        $this->authorize('prove', $attempt);

        return WalkResource::make(Proving::of($attempt));
    }
}
