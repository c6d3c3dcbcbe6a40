<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evenings;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Models\Evening;
use App\Paper\Evenings\EveningPaper;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A list for the wall, a slip a person, a sheet a station. */
final class EveningPaperController extends Controller
{
    use NamesFiles;

    public function show(Request $request, Evening $evening): Response
    {
        $this->authorize('view', $evening);
        $asked = $request->validate(['page' => ['required', 'in:list,slips,stations'], 'size' => ['in:letter,a4']]);

        return response((new EveningPaper($evening))->pdf($asked['page'], $asked['size'] ?? null), 200, $this->named(
            'pdf',
            $evening->classroom->name,
            $evening->title,
            __("paper.file.evening-{$asked['page']}"),
        ));
    }
}
