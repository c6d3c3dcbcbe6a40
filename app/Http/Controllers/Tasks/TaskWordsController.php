<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Controllers\Controller;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;
use App\Models\Task;
use App\Shapes\Tasks\TaskWordsShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zwindle\Board\Enclosure;
use Zwindle\Catalogue\Practices\Practice;

final class TaskWordsController extends Controller
{
    public function show(Request $request, BoardFile $boardFile): JsonResponse
    {
        $this->authorize('create', Task::class);
        $this->authorize('view', $boardFile);

        $boxes = array_map(
            fn (Enclosure $box) => ['id' => $box->id, 'label' => $box->label],
            array_values($boardFile->drawing()->enclosures),
        );

        return response()->json([
            'title' => $boardFile->title,
            'boxes' => $boxes,
            'hasAsFound' => AsFoundSheet::of($boardFile, $request->user() ?? abort(401))->lands !== [],
            ...TaskWordsShape::in(Practice::from($boardFile->practice)),
        ]);
    }
}
