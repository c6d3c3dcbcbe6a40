<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\Patterns;
use App\Http\Controllers\Controller;
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
