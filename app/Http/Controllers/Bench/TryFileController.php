<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\Response;
use Zwindle\Format\Write\WiringArray;

final class TryFileController extends Controller
{
    use NamesFiles;

    /** What was tried as a wiring file, to keep it. */
    public function show(Attempt $attempt): Response
    {
        $this->authorize('leave', $attempt);
        $wiring = $attempt->load(['assignment.boardFile', 'appliedSteps'])->stepLog()->bench()->wiring();
        $text = json_encode(WiringArray::of($wiring), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);

        return response("$text\n", 200, $this->named('wiring.json', $attempt->assignment->title(), __('paper.file.tried')));
    }
}
