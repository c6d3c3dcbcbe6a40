<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\LookAtDrawing;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\LookAtDrawingRequest;
use App\Http\Resources\Boards\DrawingLookResource;

final class DrawingLookController extends Controller
{
    public function store(LookAtDrawingRequest $request, LookAtDrawing $look): DrawingLookResource
    {
        return DrawingLookResource::make($look->execute($request->text()));
    }
}
