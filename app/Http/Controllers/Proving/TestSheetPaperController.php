<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Actions\Proving\Proving;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Paper\TestSheetPaper;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class TestSheetPaperController extends Controller
{
    public function show(Request $request, Attempt $attempt): Response
    {
        $this->authorize('printProof', $attempt);
        $paper = new TestSheetPaper(Proving::of($attempt->load('trainee')));

        return response($paper->pdf(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="test-sheet.pdf"',
        ]);
    }
}
