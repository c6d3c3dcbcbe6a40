<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LookAtDrawing;
use App\Http\Requests\LookAtDrawingRequest;
use App\Http\Resources\DrawingLookResource;

final class DrawingLookController extends Controller
{
    public function store(LookAtDrawingRequest $request, LookAtDrawing $look): DrawingLookResource
    {
        return DrawingLookResource::make($look->execute($request->text()));
    }
}
