<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ReviewDrawingRequest;
use App\Http\Resources\Boards\DrawingReviewResource;
use App\Queries\Boards\ReviewDrawing;

final class DrawingReviewController extends Controller
{
    public function store(ReviewDrawingRequest $request, ReviewDrawing $look): DrawingReviewResource
    {
        return DrawingReviewResource::make($look->execute($request->text()));
    }
}
