<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Models\Assignment;
use App\Paper\Classes\MarkSheet;
use App\Shapes\Classes\MarkTable;
use App\Shapes\Classes\MarkTableSettings;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The marks of an exam as a page or as a table, of everybody or of one. */
final class MarkSheetController extends Controller
{
    use NamesFiles;

    public function show(Request $request, Assignment $assignment): Response
    {
        $this->authorize('view', $assignment);
        $asked = $request->validate(['as' => ['required', 'in:pdf,csv'], 'attempt' => ['integer'], 'size' => ['in:letter,a4']]);
        $only = isset($asked['attempt']) ? (int) $asked['attempt'] : null;
        $name = $only === null ? null : $assignment->attempts()->with('trainee')->findOrFail($only)->trainee->name;
        $text = $asked['as'] === 'csv'
            ? (new MarkTable(MarkTableSettings::of($request->user()?->mark_table)))->ofAssignment($assignment, $only)
            : (new MarkSheet($assignment, $only))->pdf($asked['size'] ?? 'a4');

        return response($text, 200, $this->named(
            $asked['as'],
            $assignment->classroom?->name,
            $assignment->title(),
            $name,
            __('paper.file.marks'),
        ));
    }
}
