<?php

declare(strict_types=1);

namespace App\Http\Controllers\Diagnosis;

use App\Http\Controllers\Controller;
use App\Http\Requests\Diagnosis\ConfirmRequest;
use App\Models\BoardFile;
use App\Models\ConfirmedMistake;
use Illuminate\Http\Response;

final class ConfirmedMistakeController extends Controller
{
    public function store(ConfirmRequest $request, BoardFile $boardFile): Response
    {
        ConfirmedMistake::query()->create([
            'instructor_id' => $request->instructor()->id,
            'board_file_id' => $boardFile->id,
            'kind' => $request->kind(),
            'at' => implode(' ', $request->at()),
            'found_at' => now(),
        ]);

        return response()->noContent();
    }
}
