<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\MarkTableRequest;
use App\Models\Assignment;
use App\Shapes\Classes\MarkTableSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How an instructor takes a table of marks away; remembered with the account. */
final class MarkTableController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Assignment::class);

        return response()->json(MarkTableSettings::of($request->user()?->mark_table)->json());
    }

    public function update(MarkTableRequest $request): JsonResponse
    {
        $person = $request->user() ?? abort(401);
        $person->update(['mark_table' => $request->settings()]);

        return response()->json(MarkTableSettings::of($person->mark_table)->json());
    }
}
