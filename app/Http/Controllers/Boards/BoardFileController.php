<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\AddBoardFile;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\StoreBoardFileRequest;
use App\Http\Resources\Boards\BoardFileResource;
use App\Models\BoardFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class BoardFileController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', BoardFile::class);

        return BoardFileResource::collection(
            BoardFile::query()->whereNull('frozen_of')
                ->where(fn ($own) => $own->whereNull('instructor_id')->orWhere('instructor_id', $request->user()?->id))
                ->orderBy('id')
                ->get(),
        );
    }

    public function store(StoreBoardFileRequest $request, AddBoardFile $add): JsonResponse
    {
        return BoardFileResource::make($add->execute($request->instructor(), $request->text()))->response()->setStatusCode(201);
    }
}
