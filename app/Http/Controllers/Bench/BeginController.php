<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\BeginExam;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class BeginController extends Controller
{
    public function store(Attempt $attempt, BeginExam $begin): Response
    {
        $this->authorize('work', $attempt);
        $begin->execute($attempt);

        return response()->noContent();
    }
}
