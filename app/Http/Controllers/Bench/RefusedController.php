<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class RefusedController extends Controller
{
    /** The bench has refused five landings in a row: the instructor may want to look. */
    public function store(Attempt $attempt): Response
    {
        $this->authorize('work', $attempt);
        $attempt->update(['refused_at' => now()]);

        return response()->noContent();
    }
}
