<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\HandInOverdue;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;

/** A trainee's screen has seen its clock run out: by the server's clock it is handed in now, or goes on where time was added. */
final class TimeUpController extends Controller
{
    public function store(Attempt $attempt, HandInOverdue $overdue): Response
    {
        $this->authorize('work', $attempt);
        $overdue->execute($attempt);

        return response()->noContent();
    }
}
