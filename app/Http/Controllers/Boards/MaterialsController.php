<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowMaterialsRequest;
use App\Models\BoardFile;
use App\Models\StockLine;
use App\Queries\Boards\PlanBoardFile;
use App\Shapes\Boards\MaterialsShape;
use App\Shapes\Boards\PrepareShape;
use App\Shapes\Classes\CsvTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class MaterialsController extends Controller
{
    use NamesFiles;

    public function show(ShowMaterialsRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner): JsonResponse|Response
    {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);
        $practice = $found->wiring->board->practice;
        $report = new MaterialsShape(
            $found,
            $request->allowances($practice),
            $request->sets(),
            StockLine::shelfOf($request->instructor(), $practice),
        );
        $table = $request->table();
        if ($table === null) {
            return response()->json([...$report->json(), ...(new PrepareShape($found))->json()]);
        }

        $headers = $this->named('csv', $boardFile->title, __("paper.file.$table"));

        return response(CsvTable::of((array) __("materials.columns.$table"), $report->{$table}()), 200, $headers);
    }
}
