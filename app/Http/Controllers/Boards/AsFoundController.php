<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\KeepAsFound;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\UpdateAsFoundRequest;
use App\Http\Resources\Boards\AsFoundResource;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;
use Illuminate\Http\Request;

final class AsFoundController extends Controller
{
    public function show(Request $request, BoardFile $boardFile): AsFoundResource
    {
        $this->authorize('view', $boardFile);

        return AsFoundResource::make(['file' => $boardFile, 'sheet' => AsFoundSheet::of($boardFile, $request->user() ?? abort(401))]);
    }

    public function update(UpdateAsFoundRequest $request, BoardFile $boardFile, KeepAsFound $keep): AsFoundResource
    {
        $text = $request->wiring();
        $text === null
            ? $keep->fromSheet($boardFile, $request->instructor(), $request->sheet())
            : $keep->fromFile($boardFile, $request->instructor(), $text);

        return AsFoundResource::make(['file' => $boardFile, 'sheet' => AsFoundSheet::of($boardFile, $request->instructor())]);
    }
}
