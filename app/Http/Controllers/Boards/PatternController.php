<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Models\BoardFile;
use App\Shapes\Boards\PatternsShape;
use Illuminate\Http\JsonResponse;

final class PatternController extends Controller
{
    public function index(PatternsShape $patterns): JsonResponse
    {
        $this->authorize('create', BoardFile::class);

        return response()->json($patterns->json());
    }
}
