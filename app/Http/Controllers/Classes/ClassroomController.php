<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\ClassroomResource;
use App\Models\Classroom;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ClassroomController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Classroom::class);

        return ClassroomResource::collection(
            Classroom::query()->where('instructor_id', $request->user()?->id)->with('trainees')->orderBy('name')->get(),
        );
    }
}
