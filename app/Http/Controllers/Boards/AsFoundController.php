<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\KeepAsFoundFile;
use App\Actions\Boards\KeepAsFoundPlan;
use App\Actions\Boards\KeepAsFoundSheet;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowAsFoundRequest;
use App\Http\Requests\Boards\UpdateAsFoundRequest;
use App\Http\Resources\Boards\AsFoundResource;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;

final class AsFoundController extends Controller
{
    public function show(ShowAsFoundRequest $request, BoardFile $boardFile): AsFoundResource
    {

        $sheet = AsFoundSheet::of($boardFile, $request->instructor(), $request->number());

        return AsFoundResource::make(['file' => $boardFile, 'sheet' => $sheet]);
    }

    public function update(
        UpdateAsFoundRequest $request,
        BoardFile $boardFile,
        KeepAsFoundSheet $fromSheet,
        KeepAsFoundFile $fromFile,
        KeepAsFoundPlan $fromPlan,
    ): AsFoundResource {
        [$instructor, $number, $text, $plan] = [$request->instructor(), $request->number(), $request->wiring(), $request->plan()];
        match (true) {
            $plan !== null => $fromPlan->execute($boardFile, $instructor, $number, $plan),
            $text !== null => $fromFile->execute($boardFile, $instructor, $number, $text),
            default => $fromSheet->execute($boardFile, $instructor, $number, $request->sheet()),
        };

        return AsFoundResource::make(['file' => $boardFile, 'sheet' => AsFoundSheet::of($boardFile, $instructor, $number)]);
    }
}
