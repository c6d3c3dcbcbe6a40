<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns;
use App\Models\BoardFile;
use Illuminate\Http\JsonResponse;

final class PatternController extends Controller
{
    public function index(Patterns $patterns): JsonResponse
    {
        $this->authorize('create', BoardFile::class);

        return response()->json($patterns->all());
    }
}
