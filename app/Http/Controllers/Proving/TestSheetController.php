<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Http\Controllers\Controller;
use App\Http\Resources\Proving\TestSheetResource;
use App\Models\Attempt;
use App\Queries\Proving\Proving;

final class TestSheetController extends Controller
{
    public function show(Attempt $attempt): TestSheetResource
    {
        $this->authorize('viewProof', $attempt);

        return TestSheetResource::make(Proving::of($attempt->load('trainee')));
    }
}
