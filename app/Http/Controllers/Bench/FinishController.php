<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\FinishExam;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class FinishController extends Controller
{
    public function store(Attempt $attempt, FinishExam $finish): Response
    {
        $this->authorize('work', $attempt);
        $finish->execute($attempt);

        return response()->noContent();
    }
}
