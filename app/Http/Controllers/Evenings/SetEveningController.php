<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evenings;

use App\Actions\Evenings\SetEvening;
use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\EveningResource;
use App\Models\Evening;
use App\Queries\Tasks\SetTwice;
use Illuminate\Http\Request;

/** Sets a planned evening as an exam; it is opened on the wall. */
final class SetEveningController extends Controller
{
    public function store(Request $request, Evening $evening, SetEvening $set): EveningResource
    {
        $this->authorize('update', $evening);
        $request->validate(['twice' => ['sometimes', 'boolean:strict']]);
        $request->boolean('twice') || SetTwice::refuse($evening->task, $evening->classroom, [
            $evening->assignment_id, $evening->retest_assignment_id,
        ]);
        $set->execute($evening, $request->user() ?? abort(401));

        return EveningResource::make($evening->refresh());
    }
}
