<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\AskClassRequest;
use App\Http\Resources\Boards\ClassQuestionResource;
use App\Models\BoardFile;
use App\Queries\Boards\AskClass;

final class ClassQuestionController extends Controller
{
    public function show(AskClassRequest $request, BoardFile $boardFile, int $plan, AskClass $ask): ClassQuestionResource
    {
        return ClassQuestionResource::make($ask->execute($boardFile, $plan, $request->asked()));
    }
}
