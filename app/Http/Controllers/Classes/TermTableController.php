<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Models\Classroom;
use App\Shapes\Classes\MarkTable;
use App\Shapes\Classes\MarkTableSettings;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** The marks of a class over a term: one table. */
final class TermTableController extends Controller
{
    use NamesFiles;

    public function show(Request $request, Classroom $classroom): Response
    {
        $this->authorize('update', $classroom);
        $asked = $request->validate(['from' => ['nullable', 'date_format:Y-m-d'], 'to' => ['nullable', 'date_format:Y-m-d']]);
        $day = fn (string $field): ?Carbon => isset($asked[$field]) ? Carbon::parse($asked[$field])->startOfDay() : null;
        $table = (new MarkTable(MarkTableSettings::of($request->user()?->mark_table)))->ofClass(
            $classroom->load('trainees'),
            $day('from'),
            $day('to'),
        );

        return response($table, 200, $this->named('csv', $classroom->name, __('paper.file.term'), ...array_values($asked)));
    }
}
