<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddBoardFile;
use App\Exceptions\InputRefused;
use App\Http\Requests\StoreBoardFileRequest;
use App\Http\Resources\BoardFileResource;
use App\Models\BoardFile;
use App\Wording\ProblemSentence;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class BoardFileController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', BoardFile::class);

        return BoardFileResource::collection(
            BoardFile::query()->whereNull('instructor_id')->orWhere('instructor_id', $request->user()?->id)->orderBy('id')->get(),
        );
    }

    public function store(StoreBoardFileRequest $request, AddBoardFile $add): JsonResponse
    {
        try {
            return BoardFileResource::make($add->execute($request->instructor(), $request->text()))->response()->setStatusCode(201);
        } catch (InputRefused $refusal) {
            return response()->json(['message' => $refusal->getMessage(), 'problems' => ProblemSentence::all($refusal->problems)], 422);
        }
    }
}
