<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Paper\Proving\TestSheetPaper;
use App\Queries\Proving\Proving;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class TestSheetPaperController extends Controller
{
    use NamesFiles;

    public function show(Request $request, Attempt $attempt): Response
    {
        $this->authorize('printProof', $attempt);
        $paper = new TestSheetPaper(Proving::of($attempt->load('trainee')));

        $headers = $this->shown('pdf', $attempt->assignment->title(), $attempt->trainee->name, __('paper.file.test-sheet'));

        return response($paper->pdf(), 200, $headers);
    }
}
