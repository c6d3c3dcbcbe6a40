<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanBoardFile;
use App\Http\Requests\ShowMaterialsRequest;
use App\Models\BoardFile;
use App\Wording\CsvTable;
use App\Wording\MaterialsReport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class MaterialsController extends Controller
{
    public function show(ShowMaterialsRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner): JsonResponse|Response
    {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);
        $report = new MaterialsReport($found, $request->allowances($found->wiring->board->practice), $request->sets());
        $table = $request->table();
        if ($table === null) {
            return response()->json($report->json());
        }

        return response(CsvTable::of((array) __("materials.columns.$table"), $report->{$table}()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$table.csv\"",
        ]);
    }
}
