<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\ConvertBoardFile;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\StoreConvertedRequest;
use App\Http\Resources\Boards\BoardFileResource;
use App\Models\BoardFile;
use Illuminate\Http\JsonResponse;

final class ConvertedBoardFileController extends Controller
{
    public function store(StoreConvertedRequest $request, BoardFile $boardFile, ConvertBoardFile $convert): JsonResponse
    {
        ['file' => $file, 'notes' => $notes] = $convert->execute($request->instructor(), $boardFile, $request->to());

        return response()->json(['boardFile' => BoardFileResource::make($file), 'notes' => $notes], 201);
    }
}
