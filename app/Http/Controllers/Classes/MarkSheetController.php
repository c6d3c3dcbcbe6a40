<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Bench\HandInOverdue;
use App\Http\Controllers\Controller;
use App\Models\Assignment;
use App\Paper\MarkSheet;
use App\Shapes\CsvTable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The marks of an exam as a page or as a table, of everybody or of one. */
final class MarkSheetController extends Controller
{
    public function show(Request $request, Assignment $assignment, HandInOverdue $overdue): Response
    {
        $this->authorize('view', $assignment);
        $asked = $request->validate(['as' => ['required', 'in:pdf,csv'], 'attempt' => ['integer'], 'size' => ['in:letter,a4']]);
        $assignment->handInOverdue($overdue);
        $sheet = new MarkSheet($assignment, isset($asked['attempt']) ? (int) $asked['attempt'] : null);
        $isCsv = $asked['as'] === 'csv';

        return response($isCsv ? CsvTable::of(__('paper.mark-columns'), $sheet->rows()) : $sheet->pdf($asked['size'] ?? 'a4'), 200, [
            'Content-Type' => $isCsv ? 'text/csv; charset=UTF-8' : 'application/pdf',
            'Content-Disposition' => 'attachment; filename="marks.'.$asked['as'].'"',
        ]);
    }
}
